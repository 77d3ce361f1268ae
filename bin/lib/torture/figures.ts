/** One line of the table: what was tried how often, and what came of it. */
export interface Figure {
  readonly what: string;
  readonly tried: number;
  /** What went wrong, a line each; empty where nothing did. */
  readonly wrong: readonly string[];
  /** What was measured beside. */
  readonly beside: string;
}

/** What bounds a campaign. */
export interface Bounds {
  /** Share of the whole campaign, 0 to 1: a short run is a few hundredths of it. */
  readonly share: number;
  readonly seed: number;
  /** No new try is begun after this, real ms. */
  readonly untilMs: number;
}

/** So many tries of a part, at least a few. */
export const triesOf = ({ share }: Bounds, whole: number): number =>
  Math.max(3, Math.round(whole * share));

/** Numbers between 0 and 1 that are the same for the same seed (Park and Miller 1988). */
export function randomOf(seed: number): () => number {
  let state = (seed % 2147483646) + 1;
  return () => {
    state = (state * 16807) % 2147483647;
    return (state - 1) / 2147483646;
  };
}

/** One of several, by chance. */
export const oneOf = <T>(random: () => number, all: readonly T[]): T =>
  all[Math.floor(random() * all.length)] as T;

/** Bytes in millions, as the table tells them. */
export const mega = (bytes: number): string => String(Math.round(bytes / 1e6));

const MOST_WRONG = 6;

/** The figures as a table in Markdown, with what went wrong under it. */
export function tableOf(figures: readonly Figure[]): string {
  const rows = figures.map(
    ({ what, tried, wrong, beside }) => `| ${what} | ${tried} | ${wrong.length} | ${beside} |`,
  );
  const wrongs = figures.flatMap(({ what, wrong }) =>
    wrong.slice(0, MOST_WRONG).map((one) => `- ${what}: ${one}`),
  );
  return ['| what | tried | wrong | measured |', '| --- | --- | --- | --- |', ...rows, ...wrongs]
    .join('\n')
    .concat('\n');
}
