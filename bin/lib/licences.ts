// Reports what the application is built of: bin/lib/bundle.mjs licences
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

interface Packaged {
  readonly version?: string;
  readonly license?: string;
  readonly dev?: boolean;
}

/** Licences under which a shop may use, keep and pass on what it runs. */
const ALLOWED = new Set([
  ...['MIT', 'MIT-0', 'ISC', '0BSD', 'Unlicense', 'WTFPL', 'CC0-1.0', 'BlueOak-1.0.0'],
  ...['BSD-2-Clause', 'BSD-3-Clause', 'Apache-2.0', 'Python-2.0'],
  // Fonts, and data of browsers.
  ...['OFL-1.1', 'CC-BY-4.0'],
  // Libraries that are linked and not changed: libvips under sharp; tests and bundlers under MPL.
  ...['LGPL-3.0-or-later', 'MPL-2.0'],
]);
/** Without a word in the list of packages; read in its own files. */
const READ_BY_HAND: Readonly<Record<string, string>> = { 'parse-cache-control': 'BSD-3-Clause' };
const AUDIT_MS = 20_000;

/** True where every licence of an expression is allowed, or one of those between which one may choose. */
function isAllowed(expression: string): boolean {
  const plain = expression.replace(/[()]/g, '');
  return plain
    .split(' OR ')
    .some((choice) => choice.split(' AND ').every((one) => ALLOWED.has(one.trim())));
}

/** What the registry knows against the packages that ship; null where it is not reached. */
function knownFlaws(): number | null {
  try {
    const text = execFileSync('npm', ['audit', '--omit=dev', '--json'], {
      encoding: 'utf8',
      timeout: AUDIT_MS,
      stdio: ['ignore', 'pipe', 'ignore'],
    });
    return totalOf(text);
  } catch (error) {
    // With flaws it ends with an error, too, and tells them.
    return totalOf(String((error as { stdout?: unknown }).stdout ?? ''));
  }
}

function totalOf(text: string): number | null {
  try {
    const said = JSON.parse(text) as { metadata?: { vulnerabilities?: { total?: number } } };
    return said.metadata?.vulnerabilities?.total ?? null;
  } catch {
    return null;
  }
}

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8')) as {
  packages: Record<string, Packaged>;
};
const all = Object.entries(lock.packages).filter(([where]) => where !== '');
const nameOf = (where: string) => where.slice(where.lastIndexOf('node_modules/') + 13);
const counts = new Map<string, number>();
const wrong: string[] = [];
for (const [where, { license, version = '', dev = false }] of all) {
  const says = license ?? READ_BY_HAND[nameOf(where)];
  const one = `${nameOf(where)} ${version}${dev ? ' (tests and building)' : ''}`;
  if (says === undefined) wrong.push(`${one}: no licence is named`);
  else if (!isAllowed(says)) wrong.push(`${one}: ${says}`);
  const key = `${says ?? 'none'}${dev ? ', tests and building' : ''}`;
  counts.set(key, (counts.get(key) ?? 0) + 1);
}
for (const [licence, count] of [...counts].sort((a, b) => b[1] - a[1])) {
  process.stdout.write(`${String(count).padStart(5)}  ${licence}\n`);
}
const flaws = knownFlaws();
process.stdout.write(
  flaws === null
    ? 'Known flaws: not asked, the registry is not reached from here.\n'
    : `Known flaws in what ships: ${flaws}.\n`,
);
for (const one of wrong) process.stderr.write(`Licence not allowed: ${one}\n`);
process.exit(wrong.length > 0 ? 1 : 0);
