import type { Db } from '@/data';
import { command } from '@/server/commands/command';
import { arrived } from '@/server/commands/run';
import type { Outcome } from '@/shop/outcome';
import { demoShop } from './demo-shop';
import { validCommands } from './fixtures/valid-commands';

/** Everything stored, but what commands answered. */
function stored(db: Db): string {
  const names = db
    .prepare("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")
    .pluck()
    .all() as string[];
  const tables = names.filter((name) => !['command', 'journal_shelf'].includes(name)).sort();
  return JSON.stringify(tables.map((name) => [name, db.prepare(`SELECT * FROM "${name}"`).all()]));
}

const withBatch = (args: readonly unknown[], batch: string): unknown[] => {
  const [form, ...rest] = args;
  return typeof form === 'object' && form !== null ? [{ ...form, batch }, ...rest] : [...args];
};

describe('a command sent twice writes once and answers the same', () => {
  const names = validCommands(demoShop().context).map(({ name }, index) => [index, name] as const);

  test.each(names)(
    '%i %s',
    async (index, name) => {
      const { context, db } = demoShop();
      const { args } = validCommands(context)[index] ?? { args: [] };
      const send = (batch: string) =>
        command(context, { name, args: withBatch(args, batch), id: 'the-same-id' });
      const [first, second] = await Promise.all([send('batch-one'), send('batch-two')]);
      if (!first.ok) throw new Error(JSON.stringify(first));
      expect(second).toEqual(first);
      const once = stored(db);
      expect(once).not.toContain('batch-two');
      expect(await send('batch-three')).toEqual(first);
      expect(stored(db)).toBe(once);
      expect(arrived(context, 'the-same-id')).toEqual(first);
    },
    60_000,
  );
});

describe('what is refused', () => {
  const refusals = (outcome: Outcome<unknown>) =>
    outcome.ok ? [] : outcome.refusals.map(({ sentence }) => sentence);

  test('stores nothing and can be sent again under its id', async () => {
    const { context, db } = demoShop();
    const before = stored(db);
    const send = (tempC: string) =>
      command(context, {
        name: 'logReading',
        args: [{ placeId: 'bench', tempC, batch: 'batch-one' }],
        id: 'the-same-id',
      });
    expect(refusals(await send('900'))[0]).toMatch(/900/);
    expect(stored(db)).toBe(before);
    expect(arrived(context, 'the-same-id')).toBeNull();
    expect((await send('22')).ok).toBe(true);
  });

  test('an id that was used for something else is refused', async () => {
    const { context } = demoShop();
    await command(context, { name: 'setDemoRate', args: [10], id: 'the-same-id' });
    const other = await command(context, { name: 'undo', args: ['x'], id: 'the-same-id' });
    expect(refusals(other)[0]).toMatch(/something else/);
  });

  test.each([
    ['no such name', { name: 'constructor', args: [], id: 'an-id-of-its-own' }],
    ['no id', { name: 'undo', args: ['x'], id: null }],
    ['no arguments', { name: 'undo', args: 'x', id: 'an-id-of-its-own' }],
  ])('%s', async (_, asked) => {
    expect((await command(demoShop().context, asked)).ok).toBe(false);
  });
});
