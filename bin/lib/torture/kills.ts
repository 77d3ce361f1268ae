import { spawn } from 'node:child_process';
import { copyFileSync, existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import sharp from 'sharp';
import type Database from 'better-sqlite3';
import { openShop } from '@/data';
import { openWaysIn } from '@/data/ways-in';
import { contextOver } from '@/server/context';
import { tideView } from '@/server/tide';
import { isKept } from '@/server/commands/command';
import { sendWaiting } from '@/ui/waiting/send-waiting';
import { BEFORE_MS, dbOf, makeBases, NOTES, type Bases } from './kill-bases';
import { randomOf, triesOf, type Bounds, type Figure } from './figures';
import { KILL_MODES, type KillMode } from './kill-child';
import { damageOf } from './soundness';
import { sendAct, waitingDevice, WAITED_UNTIL_MS } from './waiting-device';

const WHOLE = 1000;
/** A child is killed so long after it is ready, ms, at most. */
const LONGEST_MS = 160;
/** The same of one that goes through all commands. */
const LONGEST_ALL_MS = 4_000;

/**
 * Kills a working Olvik at random instants of commands, codes and keys, back-ups, restores, photos, what waited on a
 * device, an archive coming in and a migration; then opens what is left: nothing confirmed may be lost, nothing half written.
 */
export async function kills(bounds: Bounds): Promise<Figure> {
  const bases = makeBases();
  const wrong: string[] = [];
  let tried = 0;
  let confirmed = 0;
  try {
    const random = randomOf(bounds.seed);
    const tries = triesOf(bounds, WHOLE);
    while (tried < tries && Date.now() < bounds.untilMs) {
      const two = [0, 1].map(async (n) => {
        const mode = KILL_MODES[(tried + n) % KILL_MODES.length] as KillMode;
        const longest = mode === 'every command' ? LONGEST_ALL_MS : LONGEST_MS;
        return killOnce(bases, mode, { seed: tried + n, afterMs: random() * longest });
      });
      for (const found of await Promise.all(two)) {
        confirmed += found.confirmed;
        wrong.push(...found.wrong);
      }
      tried += two.length;
    }
  } finally {
    rmSync(bases.folder, { recursive: true, force: true });
  }
  return { what: 'kills', tried, wrong, beside: `${confirmed} things confirmed before a kill` };
}

interface Found {
  readonly confirmed: number;
  readonly wrong: readonly string[];
}

async function killOnce(
  bases: Bases,
  mode: KillMode,
  how: { readonly seed: number; readonly afterMs: number },
): Promise<Found> {
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-kill-'));
  try {
    if (mode === 'archive in') copyFileSync(bases.archive, path.join(folder, 'shop.json'));
    else copyFileSync(baseOf(mode, bases), dbOf(folder));
    const lines = await killedWork(mode, folder, how);
    const found = await CHECKS[mode](folder, lines, { ...bases, seed: how.seed });
    return {
      confirmed: lines.length,
      wrong: found.map((one) => `${mode} (${how.seed}): ${one}`),
    };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** What a child said before it was killed, without that it was ready. */
function killedWork(
  mode: KillMode,
  folder: string,
  { seed, afterMs }: { readonly seed: number; readonly afterMs: number },
): Promise<string[]> {
  const child = spawn(
    process.execPath,
    [process.argv[1] as string, '--child', mode, folder, String(seed)],
    { stdio: ['ignore', 'pipe', 'inherit'], env: { ...process.env, OLVIK_LOG: 'silent' } },
  );
  let said = '';
  let timer: NodeJS.Timeout | null = null;
  child.stdout.on('data', (chunk: Buffer) => {
    said += chunk.toString();
    if (timer === null && said.startsWith('ready')) {
      timer = setTimeout(() => child.kill('SIGKILL'), afterMs);
    }
  });
  return new Promise((resolve) => {
    child.once('close', () => {
      if (timer !== null) clearTimeout(timer);
      // A line that was cut off was not confirmed.
      const lines = said.slice(0, said.lastIndexOf('\n') + 1).split('\n');
      resolve(lines.filter((one) => one !== '' && one !== 'ready'));
    });
  });
}

const baseOf = (mode: KillMode, { demo, old, shop }: Bases): string =>
  mode === 'migration' ? old : mode === 'every command' ? demo : shop;

type Check = (
  folder: string,
  lines: readonly string[],
  of: Bases & { readonly seed: number },
) => string[] | Promise<string[]>;

/** What a shop says once it is opened anew, as an Olvik that starts opens it. */
function opened<T>(folder: string, ask: (db: Database.Database) => T): T {
  const db = openShop(folder);
  try {
    return ask(db);
  } finally {
    db.close();
  }
}

function soundIn(folder: string): string[] {
  const damage = damageOf(dbOf(folder));
  return damage === null ? [] : [`damaged: ${damage}`];
}

const entriesIn = (folder: string) =>
  opened(folder, (db) => db.prepare('SELECT count(*) FROM journal').pluck().get() as number);

const CHECKS: Readonly<Record<KillMode, Check>> = {
  commands: (folder, lines) => {
    const wrong = lines.filter((one) => one.startsWith('refused'));
    const done = lines.flatMap((one) => (one.startsWith('ok ') ? [one.split(' ')] : []));
    return opened(folder, (db) => {
      const answer = db.prepare('SELECT 1 FROM command WHERE id = ?').pluck();
      const entry = db.prepare('SELECT count(*) FROM journal WHERE batch = ?').pluck();
      for (const [, id, name] of done) {
        if (answer.get(id) !== 1) wrong.push(`${name} was confirmed and is lost`);
        if (name?.startsWith('log') === true && entry.get(id) !== 1) wrong.push(`${name} is gone`);
      }
      const half = db
        .prepare(
          `SELECT count(*) FROM journal WHERE recorded_ms > ? AND batch NOT IN (SELECT id FROM command)`,
        )
        .pluck()
        .get(BEFORE_MS) as number;
      if (half > 0) wrong.push(`${half} entries without their command`);
      return [...wrong, ...soundIn(folder)];
    });
  },
  'every command': (folder, lines) =>
    opened(folder, (db) => {
      const answer = db.prepare('SELECT 1 FROM command WHERE id = ?').pluck();
      const lost = lines.flatMap((one) => {
        const [, id, name] = one.split(' ');
        return isKept(name ?? '') && answer.get(id) !== 1 ? [`${one}, and is lost`] : [];
      });
      // What is left is a shop: its home view can be made.
      tideView(contextOver(db));
      return [...lost, ...soundIn(folder)];
    }),
  'queue replay': async (folder, lines, { seed }) => {
    const device = waitingDevice(seed);
    const acts = device.list();
    const db = openShop(folder);
    try {
      const count = db.prepare('SELECT count(*) FROM journal WHERE batch = ?').pluck();
      const wrong = lines.flatMap((one) =>
        count.get(one.split(' ')[1]) === 1 ? [] : [`${one}, and is gone`],
      );
      // The device was told of none of them: it sends all of them again.
      await sendWaiting(
        device,
        (act) => sendAct(contextOver(db), act),
        () => WAITED_UNTIL_MS,
      );
      const notOnce = acts.filter(({ id }) => count.get(id) !== 1);
      return [
        ...wrong,
        ...notOnce.map(({ id }) => `${id} does not stand once`),
        ...soundIn(folder),
      ];
    } finally {
      db.close();
    }
  },
  'ways in': (folder, lines) => {
    const db = openWaysIn(folder);
    const known = db.prepare('SELECT 1 FROM way_key WHERE id = ?').pluck();
    const lost = lines.filter((one) => known.get(one.split(' ')[1]) !== 1);
    db.close();
    const damage = damageOf(path.join(folder, 'ways-in.sqlite'));
    return [...lost.map((one) => `lost: ${one}`), ...(damage === null ? [] : [damage])];
  },
  'back-up': (folder, lines) => {
    const kept = path.join(folder, 'backups');
    const names = existsSync(kept)
      ? readdirSync(kept).filter((one) => one.endsWith('.sqlite'))
      : [];
    const bad = names.flatMap((one) => damageOf(path.join(kept, one)) ?? []);
    const last = lines.at(-1)?.split(' ')[1];
    const lost = last !== undefined && !names.includes(last) ? [`lost: ${last}`] : [];
    return [...bad, ...lost, ...soundIn(folder)];
  },
  restore: (folder) => {
    const entries = entriesIn(folder);
    const wrong = entries === NOTES ? [] : [`${entries} entries instead of ${NOTES}`];
    return [...wrong, ...soundIn(folder)];
  },
  photo: async (folder, lines) => {
    const photos = path.join(folder, 'photos');
    const names = existsSync(photos) ? readdirSync(photos) : [];
    const lost = lines.filter((one) => !names.includes(one.split(' ')[1] ?? ''));
    const half: string[] = [];
    for (const one of names.filter((name) => name.endsWith('.jpg'))) {
      if (!(await isPhoto(path.join(photos, one)))) half.push(one);
    }
    return [...lost, ...half.map((one) => `half written: ${one}`), ...soundIn(folder)];
  },
  'archive in': (folder, lines) => {
    const entries = existsSync(dbOf(folder)) ? entriesIn(folder) : 0;
    const whole = lines.includes('whole');
    const right = whole ? entries === NOTES : entries === 0 || entries === NOTES;
    return [...(right ? [] : [`${entries} entries`]), ...soundIn(folder)];
  },
  migration: (folder, _, { newest }) => {
    const version = opened(folder, (db) => db.pragma('user_version', { simple: true }) as number);
    const entries = entriesIn(folder);
    return [
      ...(version === newest ? [] : [`schema ${version}`]),
      ...(entries === NOTES ? [] : [`${entries} entries`]),
      ...soundIn(folder),
    ];
  },
};

/** True where every line of a picture can be read. */
const isPhoto = (file: string): Promise<boolean> =>
  sharp(readFileSync(file), { failOn: 'truncated' })
    .stats()
    .then(
      () => true,
      () => false,
    );
