import { isAnswered, isBeforePairing, isByKey, mayAsk } from './paths';
import { mayBegin, roleRefusal } from '../commands/roles';
import { GATE_KEY_HEADER, GATE_WHO_HEADER, whoOf, whoText } from './who';

const get = (path: string) => ({ method: 'GET', path });
const post = (path: string) => ({ method: 'POST', path });

test('hands and walls see the views, not the shop as a whole', () => {
  for (const role of ['hands', 'wall'] as const) {
    expect(mayAsk(role, get('/'))).toBe(true);
    expect(mayAsk(role, get('/log'))).toBe(true);
    expect(mayAsk(role, get('/shopping'))).toBe(true);
    for (const path of ['/shop', '/shop/archive.json', '/shop/backup', '/devices']) {
      expect([role, path, mayAsk(role, get(path))]).toEqual([role, path, false]);
    }
  }
  expect(mayAsk('all', get('/shop/archive.json'))).toBe(true);
});

test('what is sent as a whole is for those who may do everything; photos for hands too', () => {
  expect(mayAsk('hands', post('/photos'))).toBe(true);
  expect(mayAsk('wall', post('/photos'))).toBe(false);
  expect(mayAsk('hands', post('/shop/archive.json'))).toBe(false);
  expect(mayAsk('hands', post('/records/readings'))).toBe(false);
  expect([mayAsk('hands', post('/command')), mayAsk('wall', post('/command'))]).toEqual([
    true,
    true,
  ]);
  expect(roleRefusal('wall', 'doStep')).not.toBeNull();
});

test('the first questions of an empty shop are for those who may answer them', () => {
  expect((['all', 'hands', 'wall'] as const).map(mayBegin)).toEqual([true, false, false]);
});

test('views are read and never sent to', () => {
  for (const path of ['/', '/log', '/shop', '/command/more']) {
    expect([path, isAnswered('POST', path), isAnswered('GET', path)]).toEqual([path, false, true]);
  }
  expect(isAnswered('POST', '/command')).toBe(true);
  expect(isAnswered('PUT', '/command')).toBe(false);
});

test('before it is let in a device gets the page of pairing and what it is built of', () => {
  for (const path of ['/pair', '/icon.svg', '/manifest.webmanifest', '/_next/static/chunks/1.js']) {
    expect(isBeforePairing(path)).toBe(true);
  }
  for (const path of ['/', '/pair/more', '/_next/image', '/_next/data/x.json', '/changes']) {
    expect(isBeforePairing(path)).toBe(false);
  }
  expect([isByKey('/calendar/x.ics'), isByKey('/readings'), isByKey('/records/readings')]).toEqual([
    true,
    true,
    false,
  ]);
});

describe('who asks', () => {
  const asked = (headers: Record<string, string>) =>
    whoOf(new Headers(headers), 'the key of this run', () => 'Jo');
  const tablet = { device: { id: 'd', name: 'Tablet' }, role: 'hands', person: null } as const;

  test('without the gate it is this machine, with whoever is at it', () => {
    expect(asked({})).toEqual({ device: null, role: 'all', person: 'Jo' });
  });
  test('through the gate it is the device that the gate says', () => {
    const header = { [GATE_KEY_HEADER]: 'the key of this run', [GATE_WHO_HEADER]: whoText(tablet) };
    expect(asked(header)).toEqual(tablet);
  });
  test.each([
    [
      'another key',
      { [GATE_KEY_HEADER]: 'the key of the last', [GATE_WHO_HEADER]: whoText(tablet) },
    ],
    ['nobody', { [GATE_KEY_HEADER]: 'the key of this run', [GATE_WHO_HEADER]: whoText(null) }],
    ['no word of who', { [GATE_KEY_HEADER]: 'the key of this run' }],
    ['nonsense', { [GATE_KEY_HEADER]: 'the key of this run', [GATE_WHO_HEADER]: '@@@' }],
  ])('%s is not let in', (_, headers) => {
    expect(asked(headers)).toBeNull();
  });
});
