import {
  assignLanes,
  clash,
  isMoved,
  laneHeight,
  laneKeys,
  type LaneBefore,
  type Stay,
} from './lanes';

/** A place with what stands in it, as the search sees it. */
export interface LanePlace {
  readonly placeId: string;
  /** Least height of its band, px at k = 1. */
  readonly least: number;
  readonly stays: readonly Stay[];
}

/** What lanes are searched for; plain data. */
export interface LaneQuestion {
  /** Warmest first. */
  readonly places: readonly LanePlace[];
  /** The lots that each lot was made from. */
  readonly parents: Readonly<Record<string, readonly string[]>>;
  readonly memory: readonly (readonly [string, LaneBefore])[];
}

/** Prices of the picture. Source: the look's own rules for lanes. */
const PER_PX = 0.25;
const PER_CROSSING = 6;
const WIDE_PX = 40;
const PER_CHANGE = 4;
const PULL = 0.004;
/** Pictures looked at, at most: an end that does not depend on the machine. */
const MOST_LOOKED_AT = 4000;

interface Item {
  readonly stay: Stay;
  readonly place: number;
  readonly key: string;
  readonly pinned: boolean;
  lane: number;
  y: number;
}

/** A channel between two stays. */
interface Link {
  readonly from: Item;
  readonly to: Item;
  readonly atMs: number;
}

/**
 * Lanes whose channels are short, cross little and change lanes seldom, by local search from the greedy ones. Stays
 * that lay still since the last layout keep their lanes. Repeatable: the same question has the same answer.
 */
export function searchLanes(question: LaneQuestion): [string, LaneBefore][] {
  const search = new LaneSearch(question);
  search.improve();
  return search.answer();
}

class LaneSearch {
  private readonly items: Item[];
  private readonly byPlace: Item[][];
  private readonly links: Link[];
  private lookedAt = 0;

  constructor(private readonly question: LaneQuestion) {
    const memory = new Map(question.memory);
    this.byPlace = question.places.map(({ stays }, place) => {
      const { laneOf } = assignLanes(stays, (id) => this.parentsOf(id), memory);
      return laneKeys(stays).map((key, index): Item => {
        const stay = stays[index] as Stay;
        const pinned = !isMoved(stay, memory.get(key));
        return { stay, place, key, pinned, lane: laneOf[index] ?? 0, y: 0 };
      });
    });
    this.items = this.byPlace.flat();
    this.links = this.linksOf();
  }

  /** Moves single stays and swaps lanes as long as the picture gets cheaper. */
  improve(): void {
    let best = this.cost();
    for (let better = true; better && this.lookedAt < MOST_LOOKED_AT;) {
      better = false;
      for (const move of this.moves()) {
        if (this.lookedAt >= MOST_LOOKED_AT) return;
        const before = this.items.map((item) => item.lane);
        if (!move()) continue;
        const cost = this.cost();
        if (cost < best - 1e-9) {
          best = cost;
          better = true;
        } else this.items.forEach((item, index) => (item.lane = before[index] as number));
      }
    }
    this.cost();
  }

  answer(): [string, LaneBefore][] {
    return this.items.map(({ key, lane, stay: { fromMs, toMs } }) => [key, { lane, fromMs, toMs }]);
  }

  private parentsOf(lotId: string): readonly string[] {
    return this.question.parents[lotId] ?? [];
  }

  private linksOf(): Link[] {
    const links: Link[] = [];
    for (const to of this.items) {
      const first = this.items.every(
        (one) => one.stay.lotId !== to.stay.lotId || one.stay.fromMs >= to.stay.fromMs,
      );
      for (const from of this.items) {
        const movedOn = from.stay.lotId === to.stay.lotId && from.stay.toMs === to.stay.fromMs;
        const wentIn =
          first &&
          this.parentsOf(to.stay.lotId).includes(from.stay.lotId) &&
          from.stay.fromMs < to.stay.fromMs &&
          from.stay.toMs >= to.stay.fromMs;
        if (from !== to && (movedOn || wentIn)) links.push({ from, to, atMs: to.stay.fromMs });
      }
    }
    return links;
  }

  /** Every step of one round; each says whether it changed anything. */
  private *moves(): Generator<() => boolean> {
    for (const items of this.byPlace) {
      const lanes = 1 + Math.max(-1, ...items.map((item) => item.lane));
      for (const item of items) {
        if (item.pinned) continue;
        for (let lane = 0; lane <= lanes; lane += 1) yield () => this.toLane(item, lane, items);
      }
      if (items.some((item) => item.pinned)) continue;
      for (let a = 0; a < lanes; a += 1) {
        for (let b = a + 1; b < lanes; b += 1) yield () => swapped(items, a, b);
      }
    }
  }

  private toLane(item: Item, lane: number, items: readonly Item[]): boolean {
    if (item.lane === lane) return false;
    const parents = this.parentsOf(item.stay.lotId);
    const free = items.every(
      (other) =>
        other === item ||
        other.lane !== lane ||
        !(
          clash(item.stay, other.stay, parents) &&
          clash(other.stay, item.stay, this.parentsOf(other.stay.lotId))
        ),
    );
    if (free) item.lane = lane;
    return free;
  }

  /** Price of the picture as it stands; sets the heights of all stays. */
  private cost(): number {
    this.lookedAt += 1;
    let cost = this.layOut();
    for (const { from, to, atMs } of this.links) {
      cost += PER_PX * Math.abs(from.y - to.y);
      if (from.place === to.place && from.lane !== to.lane) cost += PER_CHANGE;
      const [low, high] = from.y < to.y ? [from.y, to.y] : [to.y, from.y];
      if (high - low < 2) continue;
      for (const { stay, y } of this.items) {
        if (y <= low + 1 || y >= high - 1 || stay.fromMs >= atMs || stay.toMs <= atMs) continue;
        cost += PER_CROSSING * (1 + stay.width / WIDE_PX);
      }
    }
    return cost;
  }

  /** Stacks the lanes; answers the price of wide strands that lie far from the middle of their place. */
  private layOut(): number {
    let top = 0;
    let price = 0;
    this.byPlace.forEach((items, place) => {
      const heights: number[] = [];
      for (const { lane, stay } of items) {
        const height = laneHeight(stay.width, stay.asleep);
        heights[lane] = Math.max(heights[lane] ?? 0, height);
      }
      const middles: number[] = [];
      let y = 0;
      for (let lane = 0; lane < heights.length; lane += 1) {
        const height = heights[lane] ?? 0;
        middles.push(y + height / 2);
        y += height;
      }
      for (const item of items) {
        item.y = top + (middles[item.lane] as number);
        price += PULL * item.stay.width * Math.abs((middles[item.lane] as number) - y / 2);
      }
      top += Math.max(y, (this.question.places[place] as LanePlace).least);
    });
    return price;
  }
}

function swapped(items: readonly Item[], a: number, b: number): boolean {
  for (const item of items) {
    if (item.lane === a) item.lane = b;
    else if (item.lane === b) item.lane = a;
  }
  return true;
}
