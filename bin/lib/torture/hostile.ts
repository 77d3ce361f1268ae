import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { COMMANDS } from '@/server/commands/registry';
import { mega, oneOf, randomOf, triesOf, type Bounds, type Figure } from './figures';
import { filled, routes } from './routes';
import { ask, serveShop, type Answered, type Asked } from './served-shop';
import { changedTables, contentsOf } from './soundness';

const WHOLE = 10_000;
const AT_ONCE = 8;
const METHODS = ['GET', 'POST', 'POST', 'HEAD', 'PUT', 'DELETE', 'PATCH', 'OPTIONS'] as const;

const ODD = [
  ...[
    '..%2f..%2fetc%2fpasswd',
    '%00',
    '%E2%80%AEgnp',
    '__proto__',
    'constructor',
    '%2e%2e',
    '1e309',
  ],
  ...['a'.repeat(3000), '=1+1', '%3Cscript%3Ealert(1)%3C%2Fscript%3E', '%F0%9F%8D%95', '-0', 'NaN'],
  ...["';DROP TABLE journal;--", '%', '%E0%A4%A', ' ', '+', '0', '9'.repeat(400)].map((one) =>
    one.startsWith('%') ? one : encodeURIComponent(one),
  ),
] as const;

const deep = (depth: number) => '['.repeat(depth) + ']'.repeat(depth);
const BODIES: readonly (string | Buffer)[] = [
  ...[
    '',
    '{}',
    '[]',
    'null',
    '0',
    '"x"',
    '{"__proto__":{"a":1}}',
    '{"constructor":{"prototype":{}}}',
  ],
  ...[
    deep(20_000),
    '{"a":'.repeat(5_000),
    'x'.repeat(1_500_000),
    '\u0000\u0000',
    '[{"place":null}]',
  ],
  ...['{"format":"olvik-shop","version":1,"tables":{}}', '{"format":"olvik-shop"'],
  ...['place,at,tempC\nbench,,=1+1\n', `${'"'.repeat(9999)}`],
  Buffer.from([0xff, 0xd8, 0xff, 0xe0, ...Array<number>(600).fill(0x41)]),
  // A picture that says it is vast.
  Buffer.from(
    'ffd8ffe000104a46494600010100000100010000ffc0001108fffffffff0301220002110103110',
    'hex',
  ),
  Buffer.from('%PDF-1.4 GIF89a <?php PK\u0003\u0004'),
  gzipSync(Buffer.alloc(40_000_000)),
];
const TYPES = [
  ...['application/json', 'text/csv', 'image/jpeg', 'text/plain;charset=UTF-8'],
  ...['application/x-www-form-urlencoded', 'multipart/form-data; boundary=x', 'nonsense/\u00e9'],
] as const;

/** Commands that mean something with nothing said: they are carried out, and that is right. */
const QUIET: ReadonlySet<string> = new Set(['keepBackup']);
const COMMANDS_SHARE = 0.3;

/** What no answer may show: where the code stands, and how it came there. */
const TRACE = /\n\s+at [\w.<>]+ \(|node_modules\/|\/src\/(core|server|data)\/|SqliteError/;
/** The server may need so much more than at its start, bytes. Set. */
const MOST_MORE_BYTES = 700e6;

/** Ten thousand requests that nobody means, over every route: no fault, no word of its inside, nothing stored. */
export async function hostile(bounds: Bounds): Promise<Figure> {
  const shop = await serveShop('127.0.0.5');
  const where = { host: '127.0.0.1', port: shop.port, tls: false };
  const wrong: string[] = [];
  const byStatus = new Map<number, number>();
  let tried = 0;
  try {
    const all = routes();
    for (const route of all.slice(0, 12)) await ask(where, { path: filled(route, 'x') });
    const file = path.join(shop.folder, 'olvik.sqlite');
    const before = contentsOf(file);
    const startBytes = shop.memory();
    const random = randomOf(bounds.seed);
    const tries = triesOf(bounds, WHOLE);
    while (tried < tries && Date.now() < bounds.untilMs) {
      const some = Array.from({ length: Math.min(AT_ONCE, tries - tried) }, () =>
        anyRequest(random, all),
      );
      tried += some.length;
      for (const [asked, answered] of await Promise.all(
        some.map(async (one) => [one, await ask(where, one)] as const),
      )) {
        byStatus.set(answered.status, (byStatus.get(answered.status) ?? 0) + 1);
        const said = faultOf(answered);
        if (said !== null) wrong.push(`${asked.method} ${asked.path.slice(0, 90)}: ${said}`);
      }
    }
    if ((await ask(where, { path: '/' })).status !== 200) wrong.push('it does not answer any more');
    const stored = changedTables(before, contentsOf(file));
    if (stored.length > 0) wrong.push(`stored in ${stored.join(', ')}`);
    const moreBytes = shop.memory() - startBytes;
    if (moreBytes > MOST_MORE_BYTES) wrong.push(`${Math.round(moreBytes / 1e6)} MB more in use`);
    const statuses = [...byStatus].sort(([a], [b]) => a - b).map(([s, n]) => `${n}× ${s}`);
    const beside = `${statuses.join(', ')}; memory ${mega(startBytes)} → ${mega(startBytes + moreBytes)} MB`;
    return { what: 'hostile requests', tried, wrong, beside };
  } finally {
    await shop.stop();
  }
}

/** Values that no form sends. */
const ARGS: readonly unknown[] = [
  ...[null, 0, -1, 1e308, '', 'x', '\u0000', '\u202Egnp', '__proto__', '=1+1', [], [[]], {}],
  { lotId: '../../etc/passwd', batch: 'odd-batch-1' },
  { stepId: '__proto__', batch: 'odd-batch-2', at: '9999-99-99T99:99' },
  { placeId: 'bench', tempC: '1e400', batch: 'odd-batch-3' },
  { text: 'x'.repeat(100_000), batch: 'odd-batch-4' },
];
const NAMES = Object.keys(COMMANDS).filter((name) => !QUIET.has(name));

/** A command with what nobody types. */
function anyCommand(random: () => number): Asked {
  const args = [oneOf(random, ARGS), oneOf(random, ARGS)];
  const id = `hostile-${Math.floor(random() * 1e9)}`;
  const name = random() < 0.9 ? oneOf(random, NAMES) : oneOf(random, ['constructor', 7, null]);
  const body = JSON.stringify({ name, args, id });
  return {
    method: 'POST',
    path: '/command',
    headers: { 'content-type': 'application/json' },
    body,
  };
}

function anyRequest(random: () => number, all: readonly string[]): Asked {
  if (random() < COMMANDS_SHARE) return anyCommand(random);
  const method = oneOf(random, METHODS);
  const route = filled(oneOf(random, all), oneOf(random, ODD));
  const query =
    random() < 0.5
      ? ''
      : `?${oneOf(random, ODD)}=${oneOf(random, ODD)}&day=${oneOf(random, ODD)}&q=${oneOf(random, ODD)}`;
  const bodied = method !== 'GET' && method !== 'HEAD';
  const body = bodied ? oneOf(random, BODIES) : undefined;
  const headers: Record<string, string> = bodied
    ? {
        'content-type': oneOf(random, TYPES),
        'content-length': String(Buffer.byteLength(body ?? '')),
      }
    : {};
  if (random() < 0.1) headers['rsc'] = '1';
  if (random() < 0.1) headers['range'] = 'bytes=0-,5-2';
  if (random() < 0.1) headers['authorization'] = `Bearer ${'a'.repeat(43)}`;
  if (random() < 0.05) headers['content-encoding'] = 'gzip';
  return { method, path: `${route}${query}`, headers, ...(body === undefined ? {} : { body }) };
}

function faultOf({ status, text }: Answered): string | null {
  if (status === -1) return 'no answer in time';
  if (status >= 500) return `answered ${status}`;
  const found = TRACE.exec(text);
  return found === null ? null : `shows its inside: ${found[0].trim().slice(0, 60)}`;
}
