import type { Band, Strand } from '@/services/tide';
import { assignLanes, laneKeys, type LaneBefore, type LaneMemory, type Stay } from './lanes';

/** A place as it is drawn. */
export interface BandBox {
  readonly band: Band;
  readonly top: number;
  readonly height: number;
  /** Centre of each lane, px. */
  readonly laneY: readonly number[];
}

/** A stay with the height it is drawn at. */
export interface PlacedStay extends Stay {
  readonly y: number;
}

/** The whole picture's rows. */
export interface BandLayout {
  readonly bands: readonly BandBox[];
  readonly stays: readonly PlacedStay[];
  /** Factor on every width. */
  readonly k: number;
  /** The lanes, for the next layout. */
  readonly lanes: LaneMemory;
}

/** Room of the capacity gauge on a band's floor, px. */
export const FLOOR = 14;
const HEAD = 8;
const LEAST_BAND = 78;
/** A place so cold that nothing lives in it is drawn flat. */
const FLAT_BAND = 36;
const FROZEN_C = -4;
const AWAKE_GAP = 27;
const ASLEEP_GAP = 13;

/** Lays the places out, warmest on top, one factor k for all widths. */
export function layoutBands(
  bands: readonly Band[],
  stays: readonly Stay[],
  strands: ReadonlyMap<string, Strand>,
  room: { readonly top: number; readonly height: number; readonly lanes: LaneMemory },
): BandLayout {
  const parentsOf = (lotId: string) => strands.get(lotId)?.madeFrom ?? [];
  const rows = bands.map((band) => {
    const own = stays.filter((stay) => stay.placeId === band.placeId);
    const lanes = assignLanes(own, parentsOf, room.lanes);
    const frozen = band.tempC < FROZEN_C;
    const heights = lanes.widths.map(
      (width, lane) => width + (lanes.asleep[lane] === true ? ASLEEP_GAP : AWAKE_GAP),
    );
    const wanted = HEAD + FLOOR + heights.reduce((sum, height) => sum + height, 0);
    return { band, own, lanes, heights, frozen, wanted };
  });
  const least = (row: (typeof rows)[number]) => (row.frozen ? FLAT_BAND : LEAST_BAND);
  const wanted = rows.reduce((sum, row) => sum + Math.max(least(row), row.wanted), 0);
  const k = Math.min(1, room.height / wanted);
  const spare =
    Math.max(0, room.height - wanted) / Math.max(1, rows.filter((r) => !r.frozen).length);
  let top = room.top;
  const placed: PlacedStay[] = [];
  const boxes = rows.map((row) => {
    const height = Math.max(least(row), row.wanted) * k + (row.frozen ? 0 : spare);
    const laneY = lanePositions(row.heights, top, height);
    row.own.forEach((stay, index) => {
      placed.push({ ...stay, y: laneY[row.lanes.laneOf[index] ?? 0] ?? top + height / 2 });
    });
    const box: BandBox = { band: row.band, top, height, laneY };
    top += height;
    return box;
  });
  const lanes = new Map<string, LaneBefore>();
  for (const { own, lanes: placedOn } of rows) {
    const keys = laneKeys(own);
    own.forEach(({ fromMs, toMs }, index) => {
      lanes.set(keys[index] ?? '', { lane: placedOn.laneOf[index] ?? 0, fromMs, toMs });
    });
  }
  return { bands: boxes, stays: placed, k, lanes };
}

/** Lane centres, shared over a band's height in proportion to what each wants. */
function lanePositions(heights: readonly number[], top: number, height: number): number[] {
  const room = height - HEAD - FLOOR;
  const wanted = heights.reduce((sum, one) => sum + one, 0);
  let y = top + HEAD;
  return heights.map((one) => {
    const own = (one / wanted) * room;
    y += own;
    return Math.round((y - own / 2 + Math.min(8, own / 8)) * 10) / 10;
  });
}
