// Tries to break Olvik: bin/torture [--short] [--only PART] [--count SHARE] [--minutes N] [--seed N]
import { writeFileSync } from 'node:fs';
import { busyHour } from './torture/busy-hour';
import { crowd } from './torture/crowd';
import { tableOf, type Bounds, type Figure } from './torture/figures';
import { fullDisk } from './torture/full-disk';
import { onFullDisk } from './torture/full-disk-child';
import { histories } from './torture/histories';
import { hostile } from './torture/hostile';
import { KILL_MODES, workUntilKilled, type KillMode } from './torture/kill-child';
import { kills } from './torture/kills';
import { oddClocks } from './torture/odd-clocks';
import { storage } from './torture/storage';
import { strangers } from './torture/strangers';

const PARTS = {
  kills,
  hostile,
  histories,
  strangers,
  crowd,
  'busy-hour': busyHour,
  clocks: oddClocks,
  storage,
  'full-disk': fullDisk,
} satisfies Record<string, (bounds: Bounds) => Figure | Promise<Figure>>;
type Part = keyof typeof PARTS;

/** A short run, as it is part of the tests: so much of the whole. */
const SHORT = 0.02;
const MINUTE_MS = 60_000;
const SEED = 20261129;

const [, , ...words] = process.argv;
const said = (name: string): string | null => {
  const at = words.indexOf(name);
  return at < 0 ? null : (words[at + 1] ?? '');
};

function refuse(sentence: string): never {
  process.stderr.write(`${sentence}\n`);
  process.exit(1);
}

function numberOf(name: string, usual: number, most: number): number {
  const text = said(name);
  if (text === null) return usual;
  const value = Number(text);
  if (text === '' || !(value > 0 && value <= most)) {
    refuse(`${name}: “${text}” is not understood. Allowed: a number over 0, at most ${most}.`);
  }
  return value;
}

async function campaign(): Promise<void> {
  const only = said('--only');
  if (only !== null && !Object.hasOwn(PARTS, only)) {
    refuse(`--only: “${only}” is none of its parts. Allowed: ${Object.keys(PARTS).join(', ')}.`);
  }
  const share = numberOf('--count', words.includes('--short') ? SHORT : 1, 10);
  const minutes = numberOf('--minutes', 120, 24 * 60);
  const bounds = {
    share,
    seed: numberOf('--seed', SEED, 2 ** 31),
    untilMs: Date.now() + minutes * MINUTE_MS,
  };
  const parts = only === null ? (Object.keys(PARTS) as Part[]) : [only as Part];
  const figures: Figure[] = [];
  for (const part of parts) {
    const beganMs = Date.now();
    const figure = await PARTS[part](bounds);
    const took = `${Math.round((Date.now() - beganMs) / 1000)} s`;
    figures.push({ ...figure, beside: `${figure.beside}; ${took}` });
    process.stderr.write(`${part}: ${figure.tried} tried, ${figure.wrong.length} wrong, ${took}\n`);
  }
  const table = tableOf(figures);
  process.stdout.write(table);
  const file = said('--out');
  if (file !== null && file !== '') writeFileSync(file, table);
  process.exit(figures.some(({ wrong }) => wrong.length > 0) ? 1 : 0);
}

const child = words.indexOf('--child');
const disk = said('--full-disk');
if (disk !== null) {
  await onFullDisk(disk);
  process.exit(0);
} else if (child >= 0) {
  const [mode, folder, seed] = words.slice(child + 1);
  if (!KILL_MODES.includes(mode as KillMode)) refuse(`--child: “${mode}” is none of its modes.`);
  await workUntilKilled(mode as KillMode, folder ?? '', Number(seed));
} else {
  await campaign();
}
