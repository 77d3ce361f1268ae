import type { Band, Strand } from '@/server/tide';
import { assignLanes, laneHeight, type LaneMemory, type Lanes, type Stay } from '@/ui/lanes/lanes';
import type { LanePlace } from '@/ui/lanes/search';

/** A place as it is drawn. */
export interface BandBox {
  readonly band: Band;
  readonly top: number;
  readonly height: number;
}

/** How a stay is drawn: as it is, thin because nothing is to be done with it soon, or as one of a raft. */
export type Drawn = 'full' | 'stub' | 'raft';

/** A stay with the height it is drawn at. */
export interface PlacedStay extends Stay {
  readonly y: number;
  readonly drawn: Drawn;
}

/** Sleeping lots of one place, drawn as one. */
export interface Raft {
  readonly placeId: string;
  readonly y: number;
  readonly height: number;
  readonly fromMs: number;
  readonly toMs: number;
  readonly lotIds: readonly string[];
}

/** The whole picture's rows. */
export interface BandLayout {
  readonly bands: readonly BandBox[];
  readonly stays: readonly PlacedStay[];
  readonly rafts: readonly Raft[];
  /** Factor on every width. */
  readonly k: number;
  /** Height of all bands, px: more than the room where the room is too small. */
  readonly height: number;
  /** What the lanes are searched for. */
  readonly places: readonly LanePlace[];
}

/** The room for the bands, and what they keep from before. */
export interface BandRoom {
  readonly top: number;
  readonly height: number;
  readonly lanes: LaneMemory;
  /** Factor on every text. */
  readonly text: number;
  /** True where the page is as long as the picture wants: on a phone, or with very large text. */
  readonly tall: boolean;
}

/** Room of the capacity gauge on a band's floor, px. */
export const FLOOR = 14;
const HEAD = 8;
/** Room of a place's name above its lanes in the tall picture, px. */
export const NAME_ROW = 26;
const LEAST_BAND = 78;
/** A place so cold that nothing lives in it is drawn flat. */
const FLAT_BAND = 36;
const FROZEN_C = -4;
const STUB_WIDTH = 6;
const RAFT_WIDTH = 16;
/** Under these factors sleeping lots become rafts, and lots without a moment soon become stubs; type never shrinks. */
const RAFT_K = 0.7;
const STUB_K = 0.6;
/** So many sleeping lots of one place make a raft at the least. */
const RAFT_LOTS = 2;

/** How much is folded together: nothing, what sleeps, or also what is not needed soon. */
type Folding = 0 | 1 | 2;

interface Row {
  readonly band: Band;
  readonly own: readonly (Stay & { drawn: Drawn })[];
  readonly rafted: readonly Stay[];
  readonly lanes: Lanes;
  /** Of the lanes, then of the raft if there is one. */
  readonly heights: readonly number[];
  readonly least: number;
  readonly wanted: number;
}

/** Lays the places out, warmest on top, one factor k for all widths. */
export function layoutBands(
  bands: readonly Band[],
  stays: readonly Stay[],
  lots: { readonly strands: ReadonlyMap<string, Strand>; readonly soon: ReadonlySet<string> },
  room: BandRoom,
): BandLayout {
  const rowsAt = (folding: Folding) =>
    bands.map((band) => rowOf(band, stays, lots, { ...room, folding }));
  const wantedOf = (rows: readonly Row[]) => rows.reduce((sum, row) => sum + row.wanted, 0);
  const factor = (rows: readonly Row[]) => (room.tall ? 1 : room.height / wantedOf(rows));
  let rows = rowsAt(0);
  if (factor(rows) < RAFT_K) rows = rowsAt(1);
  if (factor(rows) < STUB_K) rows = rowsAt(2);
  const wanted = wantedOf(rows);
  const k = Math.min(1, Math.max(STUB_K, factor(rows)));
  const thawed = Math.max(1, rows.filter((row) => row.least !== FLAT_BAND).length);
  const spare = room.tall ? 0 : Math.max(0, room.height - wanted) / thawed;
  let top = room.top;
  const boxes = rows.map((row) => {
    const height = row.wanted * k + (row.least === FLAT_BAND ? 0 : spare);
    const box = { band: row.band, top, height };
    top += height;
    return box;
  });
  const laid = rows.map((row, index) => laidOut(row, boxes[index] as BandBox, headOf(room), k));
  return {
    bands: boxes,
    stays: laid.flatMap((one) => one.stays),
    rafts: laid.flatMap((one) => one.rafts),
    k,
    height: top - room.top,
    places: rows.map(({ band, own, least }) => ({ placeId: band.placeId, least, stays: own })),
  };
}

function headOf({ tall, text }: BandRoom): number {
  return tall ? NAME_ROW * text : HEAD;
}

function rowOf(
  band: Band,
  stays: readonly Stay[],
  { strands, soon }: { strands: ReadonlyMap<string, Strand>; soon: ReadonlySet<string> },
  room: BandRoom & { readonly folding: Folding },
): Row {
  const { folding } = room;
  const here = stays.filter((stay) => stay.placeId === band.placeId);
  const sleeping = here.filter((stay) => stay.asleep && !soon.has(stay.lotId));
  const rafts = folding > 0 && new Set(sleeping.map((stay) => stay.lotId)).size >= RAFT_LOTS;
  const rafted = rafts ? sleeping : [];
  const own = here
    .filter((stay) => !rafted.includes(stay))
    .map((stay) =>
      folding === 2 && !soon.has(stay.lotId)
        ? { ...stay, width: Math.min(stay.width, STUB_WIDTH), asleep: true, drawn: 'stub' as const }
        : { ...stay, drawn: 'full' as const },
    );
  const lanes = assignLanes(own, (lotId) => strands.get(lotId)?.madeFrom ?? [], room.lanes);
  const heights = [
    ...lanes.widths.map((width, lane) => laneHeight(width, lanes.asleep[lane] === true, room.text)),
    ...(rafts ? [laneHeight(RAFT_WIDTH, true, room.text)] : []),
  ];
  const flat = band.tempC < FROZEN_C && heights.length < 2 && !room.tall;
  const least = flat ? FLAT_BAND : leastOf(room);
  const wanted = headOf(room) + FLOOR + heights.reduce((sum, height) => sum + height, 0);
  return { band, own, rafted, lanes, heights, least, wanted: Math.max(least, wanted) };
}

function leastOf({ tall, text }: BandRoom): number {
  return tall ? (NAME_ROW + 12) * text + FLOOR : LEAST_BAND;
}

/** The stays of a row at the heights of their lanes, and its raft under them. */
function laidOut(
  row: Row,
  box: BandBox,
  head: number,
  k: number,
): { stays: PlacedStay[]; rafts: Raft[] } {
  const laneY = lanePositions(row.heights, box, head);
  const raftY = laneY.at(-1) ?? box.top;
  const stays = [
    ...row.own.map((stay, index) => ({
      ...stay,
      y: laneY[row.lanes.laneOf[index] ?? 0] ?? box.top + box.height / 2,
    })),
    ...row.rafted.map((stay) => ({ ...stay, y: raftY, drawn: 'raft' as const })),
  ];
  if (row.rafted.length === 0) return { stays, rafts: [] };
  const raft: Raft = {
    placeId: row.band.placeId,
    y: raftY,
    height: RAFT_WIDTH * k,
    fromMs: Math.min(...row.rafted.map((stay) => stay.fromMs)),
    toMs: Math.max(...row.rafted.map((stay) => stay.toMs)),
    lotIds: [...new Set(row.rafted.map((stay) => stay.lotId))],
  };
  return { stays, rafts: [raft] };
}

/** Lane centres, shared over a band's height in proportion to what each wants. */
function lanePositions(heights: readonly number[], box: BandBox, head: number): number[] {
  const room = box.height - head - FLOOR;
  const wanted = heights.reduce((sum, one) => sum + one, 0);
  let y = box.top + head;
  return heights.map((one) => {
    const own = (one / wanted) * room;
    y += own;
    return Math.round((y - own / 2 + Math.min(8, own / 8)) * 10) / 10;
  });
}
