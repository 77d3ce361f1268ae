import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { triesOf, type Bounds, type Figure } from './figures';

const WHOLE = 40;
/** The smallest disk, and how much larger the next one is, KiB: each is full at another instant. */
const SMALLEST_K = 2_400;
const STEP_K = 52;

/** A disk of its own for each try, a little larger each time, filled while a shop writes to it. */
export function fullDisk(bounds: Bounds): Figure {
  const wrong: string[] = [];
  const tries = triesOf(bounds, WHOLE);
  let tried = 0;
  let refused = 0;
  let stored = 0;
  for (; tried < tries && Date.now() < bounds.untilMs; tried += 1) {
    const lines = onDiskOf(SMALLEST_K + tried * STEP_K);
    if (lines === null) {
      return {
        what: 'a full disk',
        tried: 0,
        wrong: [],
        beside: 'not tried: this system gives no disk of its own to a process (unshare)',
      };
    }
    wrong.push(...lines.filter((one) => one.startsWith('wrong')).map((one) => `${tried}: ${one}`));
    refused += lines.filter((one) => one.startsWith('refused')).length;
    stored += Number(lines.find((one) => one.startsWith('stored'))?.split(' ')[1] ?? 0);
  }
  const beside = `${refused} refused in a sentence, ${stored} stored before and all there`;
  return { what: 'a full disk', tried, wrong, beside };
}

/** What the child says on a disk of so many KiB, in memory; null where there can be none. */
function onDiskOf(sizeK: number): string[] | null {
  const disk = mkdtempSync(path.join(tmpdir(), 'olvik-disk-'));
  try {
    const script = 'mount -t tmpfs -o size="$1"k tmpfs "$2" && exec "$3" "$4" --full-disk "$2"';
    const words = [String(sizeK), disk, process.execPath, process.argv[1] as string];
    const run = spawnSync('unshare', ['-rm', 'sh', '-c', script, 'sh', ...words], {
      encoding: 'utf8',
      env: { ...process.env, OLVIK_LOG: 'silent' },
    });
    const lines = (run.stdout ?? '').split('\n').filter((one) => one !== '');
    if (lines.length === 0 && /unshare|mount/.test(run.stderr ?? String(run.error))) return null;
    if (run.error !== undefined) return null;
    return run.status === 0
      ? lines
      : [...lines, `wrong: the process ended with ${run.status}: ${run.stderr.slice(-300)}`];
  } finally {
    rmSync(disk, { recursive: true, force: true });
  }
}
