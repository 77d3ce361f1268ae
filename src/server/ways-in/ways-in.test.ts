import { listEntries, openShopInMemory } from '@/data';
import { command } from '../commands/command';
import { contextOver, type ShopContext } from '../context';
import { paired } from '../gate/pair';
import { ensureShop } from '../shop/new-shop';
import { keyOf } from './by-key';
import { keepSent } from './sent-readings';
import { waysInView } from './view';
import { waysIn } from './ways-in';
import type { Who } from './who';

let context: ShopContext;
let sent = 0;
beforeEach(() => {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  context = contextOver(db);
  db.prepare(`UPDATE shop SET people = '["Maren","Jo"]'`).run();
});
afterEach(() => void context.db.close());

const ask = (name: string, form: unknown, who?: Who) =>
  command(
    context,
    { name, args: [form], id: `asked-${String((sent += 1)).padStart(6, '0')}` },
    who,
  );
const valueOf = async <T>(outcome: Promise<unknown>) => {
  const said = (await outcome) as { ok: true; value: T };
  expect(said).toMatchObject({ ok: true });
  return said.value;
};
const sentenceOf = async (outcome: Promise<unknown>) =>
  ((await outcome) as { refusals: { sentence: string }[] }).refusals[0]?.sentence;

/** A device that was let in, as the gate tells the server of it. */
async function letIn(role: 'all' | 'hands' | 'wall', person: string | null): Promise<Who> {
  const { code } = await valueOf<{ code: string }>(ask('letIn', { role, person }));
  const found = paired(waysIn(context), { code, name: 'Bench tablet' }, Date.now());
  if (!found.ok) throw new Error(found.sentence);
  return { device: { id: found.device.id, name: found.device.name }, role, person };
}

test('a code lets one device in, and what it writes carries its name and its person', async () => {
  const tablet = await letIn('hands', 'Maren');
  const form = { batch: 'note-00001', text: 'the rim holds' };
  expect(await ask('logNote', form, tablet)).toMatchObject({ ok: true });
  expect(listEntries(context.db)).toMatchObject([{ by: 'Maren', device: 'Bench tablet' }]);
  // This machine’s own says nothing of a device.
  expect(await ask('logNote', { ...form, batch: 'note-00002' })).toMatchObject({ ok: true });
  expect(listEntries(context.db)[1]).not.toHaveProperty('device');
});

test('hands write what hands do, a wall writes nothing, and nothing is stored of what was refused', async () => {
  const hands = await letIn('hands', null);
  const wall = await letIn('wall', null);
  const note = { batch: 'note-00001', text: 'x' };
  expect(await sentenceOf(ask('logNote', note, wall))).toContain('looks and writes nothing');
  expect(await sentenceOf(ask('changeShop', {}, hands))).toContain('work of the hands');
  expect(await sentenceOf(ask('letIn', { role: 'all' }, hands))).toContain('work of the hands');
  expect(await sentenceOf(ask('giveKey', { kind: 'calendar', name: 'x' }, hands))).toContain(
    'work of the hands',
  );
  expect(listEntries(context.db)).toEqual([]);
});

test('who is at a device is changed there alone', async () => {
  const tablet = await letIn('hands', null);
  expect(await ask('sayWho', { person: 'Jo' }, tablet)).toMatchObject({ ok: true });
  expect(waysInView(context).devices).toMatchObject([{ person: 'Jo' }]);
  expect(await sentenceOf(ask('sayWho', { person: 'Nobody' }, tablet))).toBe(
    'Person: “Nobody” does not work here. Allowed: everybody, Maren, Jo.',
  );
  expect(await ask('shutOut', { id: tablet.device!.id })).toMatchObject({ ok: true });
  expect(await sentenceOf(ask('sayWho', { person: 'Maren' }, tablet))).toContain('not among those');
});

test('no code, no key is kept where it can be read again', async () => {
  const { code } = await valueOf<{ code: string }>(ask('letIn', { role: 'wall' }));
  const { secret } = await valueOf<{ secret: string }>(
    ask('giveKey', { kind: 'calendar', name: 'my phone' }),
  );
  const dump = [context.db, waysIn(context)]
    .map((db) => db.serialize().toString('latin1'))
    .join('');
  expect(dump).not.toContain(secret);
  expect(dump).not.toContain(`"${code}"`);
  expect(keyOf(context, 'calendar', secret)).toMatchObject({ name: 'my phone' });
  expect(keyOf(context, 'readings', secret)).toBeNull();
  const [key] = waysInView(context).keys;
  expect(await ask('takeKeyBack', { id: key!.id })).toMatchObject({ ok: true });
  expect(keyOf(context, 'calendar', secret)).toBeNull();
});

test.each([
  ['share', { wanted: 'perhaps' }, 'open or closed'],
  ['letIn', { role: 'boss' }, 'Role: all, hands or wall.'],
  ['letIn', { role: 'hands', person: 'Eve' }, '“Eve” does not work here'],
  ['giveKey', { kind: 'calendar', name: ' ' }, 'Name: for what?'],
  ['shutOut', { id: 'nobody' }, 'not among those that are in'],
  ['takeKeyBack', { id: 'nothing' }, 'taken back already'],
])('%s %j is refused in words', async (name, form, says) => {
  expect(await sentenceOf(ask(name, form))).toContain(says);
});

describe('readings that a device sends', () => {
  const place = () => {
    const row = context.db.prepare('SELECT id, name FROM place ORDER BY rowid').get();
    return row as { id: string; name: string };
  };
  const at = (minutes: number) => new Date(context.clock().nowMs - minutes * 60_000).toISOString();
  const readings = () => listEntries(context.db).filter(({ body }) => body.kind === 'reading');

  beforeEach(() => {
    const one = context.db.prepare('SELECT count(*) FROM place').pluck().get() as number;
    if (one === 0) {
      context.db.exec(
        `INSERT INTO place (id, name, capacity_l) VALUES ('fridge', 'Fridge', 100);
         INSERT INTO place_setting (place_id, from_ms, temp_c) VALUES ('fridge', 0, 4);`,
      );
    }
  });

  test.each([
    [
      'a list',
      (p: string) =>
        JSON.stringify([
          { place: p, at: at(30), tempC: 4.2 },
          { place: p, at: at(5), tempC: '4,4' },
        ]),
    ],
    [
      'JSON a line',
      (p: string) =>
        `{"place":"${p}","at":"${at(30)}","tempF":39.56}\n{"place":"${p}","at":"${at(5)}","tempF":39.92}\n`,
    ],
    ['CSV', (p: string) => `place,at,tempC\n${p},${at(30)},4.2\n${p.toUpperCase()},${at(5)},4.4\n`],
  ])('%s: stored once, however often it is sent', (_, textOf) => {
    const text = textOf(place().name);
    expect(keepSent(context, text)).toEqual({ ok: true, value: { sent: 2, kept: 2 } });
    expect(keepSent(context, text)).toEqual({ ok: true, value: { sent: 2, kept: 0 } });
    const temps = readings().map(({ body }) => (body.kind === 'reading' ? body.tempC : 0));
    expect(temps.map((one) => one.toFixed(1))).toEqual(['4.2', '4.4']);
  });

  test.each([
    ['words', 'temperature\nit is cold', 'Reading 1: it needs a place'],
    ['nothing', '', '0 of them. Allowed: 1 to 5000'],
    [
      'another shop’s place',
      '[{"place":"attic","tempC":4}]',
      'place “attic” is not in the shop. Allowed: ',
    ],
    ['both scales', '[{"place":"fridge","tempC":4,"tempF":40}]', 'one of tempC and tempF'],
    [
      'an hour without a zone',
      '[{"place":"fridge","at":"2026-11-27T06:10","tempC":4}]',
      'an hour with its zone',
    ],
    [
      'tomorrow',
      '[{"place":"fridge","at":"2999-01-01T00:00:00Z","tempC":4}]',
      'lies in the future',
    ],
    ['a heat that is none', '[{"place":"fridge","tempC":400}]', '400 °C is not possible'],
    ['broken JSON', '[{"place":', 'can not be read'],
  ])('%s: refused in words, nothing stored', (_, text, says) => {
    const named = text.replace('"fridge"', JSON.stringify(place().name));
    const outcome = keepSent(context, named);
    expect(outcome.ok ? '' : outcome.refusals[0]?.sentence).toContain(says);
    expect(readings()).toEqual([]);
  });
});
