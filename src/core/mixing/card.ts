import { SALT } from '../formula';
import { MS_PER_MINUTE } from '../units';
import type { CardItem, WeighItem } from './card-item';
import type { Mark, MarkWhat } from './marks';

type MarkOf<K extends MarkWhat['kind']> = Extract<MarkWhat, { kind: K }>;

/** A line of the card as it stands. */
export interface CardLine {
  readonly item: CardItem;
  /** Wanted now, the rest scaled where that was taken, g; 0 for what takes time. */
  readonly wantedG: number;
  /** Weighed so far, g; null for nothing yet. */
  readonly weighedG: number | null;
  readonly done: boolean;
  /** Still to add to a line that was weighed before the rest was scaled, g. */
  readonly topUpG: number;
  /** A running timer’s start, UTC ms; null where none runs or ran. */
  readonly startedMs: number | null;
  readonly endsMs: number | null;
}

/** A mix card as its marks leave it. */
export interface MixCard {
  readonly lines: readonly CardLine[];
  /** The line at hand; null when all are done. */
  readonly currentId: string | null;
  readonly factor: number;
  /** Water and flour by feel, in order. */
  readonly felt: readonly {
    readonly atMs: number;
    readonly ingredientId: string;
    readonly massG: number;
  }[];
  readonly looks: readonly {
    readonly atMs: number;
    readonly tempC?: number;
    readonly windowpane?: string;
  }[];
  readonly salt: 'weighed' | 'it is in' | 'left out' | 'missing' | 'none wanted';
  readonly out: {
    readonly atMs: number;
    readonly tempC: number;
    readonly doughG: number | null;
  } | null;
  /** The batch of journal entries it became; null while it is open. */
  readonly finished: string | null;
  /** The last mark that can be taken back; null for none. */
  readonly lastMarkId: string | null;
}

/** Marks that stand, those taken back left out. */
export function standingMarks(marks: readonly Mark[]): Mark[] {
  const undone = new Set<string>();
  for (let i = marks.length - 1; i >= 0; i -= 1) {
    const mark = marks[i] as Mark;
    if (mark.what.kind === 'undo' && !undone.has(mark.id)) undone.add(mark.what.markId);
  }
  return marks.filter((mark) => mark.what.kind !== 'undo' && !undone.has(mark.id));
}

/** The card as its marks leave it. */
export function mixCard(items: readonly CardItem[], marks: readonly Mark[]): MixCard {
  const standing = standingMarks(marks);
  const of = <K extends MarkWhat['kind']>(kind: K) =>
    standing.filter((mark): mark is Mark & { what: MarkOf<K> } => mark.what.kind === kind);
  const factor = of('scale').reduce((product, { what }) => product * what.factor, 1);
  const lines = items.map((item) => lineOf(item, standing, factor));
  const out = of('out').at(-1);
  return {
    lines,
    currentId: lines.find((line) => !line.done)?.item.id ?? null,
    factor,
    felt: of('felt').map(({ atMs, what }) => ({
      atMs,
      ingredientId: what.ingredientId,
      massG: what.massG,
    })),
    looks: of('look').map(({ atMs, what: { tempC, windowpane } }) => ({
      atMs,
      ...(tempC === undefined ? {} : { tempC }),
      ...(windowpane === undefined ? {} : { windowpane }),
    })),
    salt: saltOf(lines, of('salt').at(-1)?.what.answer),
    out:
      out === undefined
        ? null
        : { atMs: out.atMs, tempC: out.what.tempC, doughG: out.what.doughG ?? null },
    finished: of('finish').at(-1)?.what.batch ?? null,
    lastMarkId: standing.filter(({ what }) => what.kind !== 'begin').at(-1)?.id ?? null,
  };
}

function lineOf(item: CardItem, marks: readonly Mark[], factor: number): CardLine {
  const own = marks.filter(({ what }) => 'itemId' in what && what.itemId === item.id);
  if (item.kind === 'time') return timeLine(item, own);
  const weighs = own.flatMap(({ what }) => (what.kind === 'weigh' ? [what] : []));
  const weighedG = weighs.reduce((sum, what) => sum + what.massG, 0);
  const wantedG = item.massG * factor;
  const enough = own.some(({ what }) => what.kind === 'enough');
  const begun = weighs.length > 0;
  const done = item.heldBack ? enough || weighedG >= wantedG - item.toleranceG : begun;
  const missing = wantedG - weighedG;
  return {
    item,
    wantedG,
    weighedG: begun ? weighedG : null,
    done,
    topUpG: done && factor > 1 && !item.heldBack && missing > item.toleranceG ? missing : 0,
    startedMs: null,
    endsMs: null,
  };
}

function timeLine(item: Extract<CardItem, { kind: 'time' }>, own: readonly Mark[]): CardLine {
  const started = own.filter(({ what }) => what.kind === 'start').at(-1)?.atMs ?? null;
  const done = own.some(({ what }) => what.kind === 'done');
  return {
    item,
    wantedG: 0,
    weighedG: null,
    done,
    topUpG: 0,
    startedMs: started,
    endsMs: started === null ? null : started + item.minutes * MS_PER_MINUTE,
  };
}

function saltOf(lines: readonly CardLine[], answer?: 'it is in' | 'left out'): MixCard['salt'] {
  const line = lines.find((one) => one.item.id === SALT);
  if (line === undefined) return 'none wanted';
  if (line.done) return 'weighed';
  return answer ?? 'missing';
}

/** What the scale shows against a line. */
export interface Weighing {
  /** Still to pour, g; below 0: over. */
  readonly leftG: number;
  readonly state: 'under' | 'right' | 'over';
  /** Everything else so many times, where it is over and the rest could follow; null elsewhere. */
  readonly scaleBy: number | null;
}

/** Over by more than this share, the rest can be scaled; by less it does not matter to a dough. Set. */
const SCALES_FROM = 0.01;
const SCALES_TO = 1.5;

/** How a weighed mass stands against what is wanted. */
export function weighing(item: WeighItem, wantedG: number, onScaleG: number): Weighing {
  const leftG = wantedG - onScaleG;
  if (leftG > item.toleranceG) return { leftG, state: 'under', scaleBy: null };
  if (leftG >= -item.toleranceG) return { leftG, state: 'right', scaleBy: null };
  const by = wantedG > 0 ? onScaleG / wantedG : 1;
  return { leftG, state: 'over', scaleBy: by > 1 + SCALES_FROM && by <= SCALES_TO ? by : null };
}

/** True when a dough in the mixer has come to the baker’s limit: pause, cool, go on. */
export function pauseProposed(card: MixCard, limitC: number): boolean {
  const last = card.looks.filter((look) => look.tempC !== undefined).at(-1);
  return card.out === null && last?.tempC !== undefined && last.tempC >= limitC;
}
