import fc from 'fast-check';
import { command } from '@/server/commands/command';
import { COMMANDS } from '@/server/commands/registry';
import { shopLog } from '@/server/shop-log';
import { loadShop } from '@/server/shop/load-shop';
import { listBakes } from '@/data';
import { demoShop } from './demo-shop';
import { everyView } from './fixtures/every-view';
import { validCommands } from './fixtures/valid-commands';

/** What nobody means to send: wrong types, sizes, depths, directions, prototypes. */
const hostile = fc.constantFrom<unknown>(
  ...[null, undefined, '', ' ', 0, -1, 1e12, Number.NaN, Infinity, true, [], {}, [[]], [null]],
  ...['x'.repeat(5000), '\u0000', '\u202Egnp.exe', '__proto__', '../../etc/passwd', '=1+1'],
  ...['0002-01-01T00:00', '2026-99-99T99:99', '+275760-09-13T00:00', '9e9', '１２', '-0'],
  ...[
    { kind: 'move' },
    { how: 'bring' },
    new Date(Number.NaN),
    new Map(),
    BigInt(5),
    'nobody-1',
    'bench',
    'fridge',
  ],
);

/** The paths of everything inside a value. */
function paths(value: unknown, at: readonly (string | number)[] = []): (string | number)[][] {
  if (typeof value !== 'object' || value === null) return [[...at]];
  return [[...at], ...Object.entries(value).flatMap(([key, one]) => paths(one, [...at, key]))];
}

function withAt(value: unknown, path: readonly (string | number)[], to: unknown): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return to;
  const inside = value as Record<string, unknown>;
  const copy: Record<string, unknown> = Array.isArray(value)
    ? ([...(value as unknown[])] as unknown as Record<string, unknown>)
    : { ...inside };
  copy[key] = withAt(inside[key], rest, to);
  return copy;
}

const RUNS = Number(process.env['OLVIK_RUNS'] ?? 160);
const OWN_FAULT = /fault of its own/;

test('whatever a page sends is answered or refused in words, and the views go on', async () => {
  const { context } = demoShop();
  const valid = validCommands(context).filter(({ name }) => name !== 'printLabels');
  const names = Object.keys(COMMANDS).filter((name) => name !== 'printLabels');
  const faults: string[] = [];
  shopLog.level = 'silent';
  let sent = 0;
  const send = async (name: string, args: unknown) => {
    sent += 1;
    const outcome = await command(context, { name, args, id: `hostile-${sent}` });
    if (outcome.ok) return;
    for (const { sentence } of outcome.refusals) {
      expect(sentence.length).toBeGreaterThan(5);
      if (OWN_FAULT.test(sentence)) faults.push(`${name} ${JSON.stringify(args)}`.slice(0, 400));
    }
  };
  for (const name of names)
    for (const [odd] of fc.sample(fc.tuple(hostile), 3)) await send(name, [odd]);
  const mutated = fc.record({
    index: fc.nat({ max: valid.length - 1 }),
    path: fc.nat(),
    to: hostile,
    also: fc.option(fc.tuple(fc.nat(), hostile)),
  });
  for (const { index, path, to, also } of fc.sample(mutated, { numRuns: RUNS, seed: 20261128 })) {
    const { name, args } = valid[index] as (typeof valid)[number];
    const withBatch = args.map((one, i) =>
      i === 0 && typeof one === 'object' && one !== null
        ? { batch: `odd-batch-${sent}`, ...one }
        : one,
    );
    const all = paths(withBatch).slice(1);
    const once = withAt(withBatch, all[path % all.length] ?? [0], to);
    const again = also === null ? [] : paths(once).slice(1);
    await send(
      name,
      also === null ? once : withAt(once, again[also[0] % again.length] ?? [0], also[1]),
    );
  }
  expect(faults).toEqual([]);
  const { plan } = loadShop(context).folded;
  const asked = {
    lotIds: ['nobody-1'],
    bakeIds: listBakes(context.db)
      .map(({ id }) => id)
      .slice(-2),
    stepIds: plan.map(({ stepId }) => stepId).slice(0, 3),
    cultureIds: ['grusa', 'nobody-1'],
  };
  for (const [, ask] of everyView(context, asked)) ask();
}, 300_000);
