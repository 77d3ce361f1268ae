import { mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Db } from '../db';
import {
  addDevice,
  addKey,
  addPairing,
  dropKey,
  gateState,
  giveDevice,
  listDevices,
  listKeys,
  maybeDeviceOf,
  maybeKeyOf,
  MOST_MISSES,
  openWaysIn,
  personHere,
  saveGateFound,
  saveHere,
  seeDevice,
  shutDevice,
  takePairing,
  noteKeyUse,
  wantGate,
  WAYS_IN_FILE,
} from '.';

const NOW = Date.UTC(2026, 10, 27, 6);
const MIN = 60_000;
const TABLET = {
  id: 'd-1',
  name: 'Bench tablet',
  role: 'hands',
  person: 'Maren',
  pairedMs: NOW,
  seenMs: NOW,
  shutMs: null,
} as const;
const HANDS = { role: 'hands', person: null } as const;

let db: Db;
beforeEach(() => {
  db = openWaysIn(null);
});
afterEach(() => void db.close());

test('a device is known by its token until it is shut out, and stays in the list', () => {
  addDevice(db, TABLET, 'hash-1');
  expect(maybeDeviceOf(db, 'hash-1')).toEqual(TABLET);
  expect(maybeDeviceOf(db, 'hash-2')).toBeNull();
  seeDevice(db, 'd-1', NOW + MIN);
  expect(giveDevice(db, 'd-1', null)).toBe(true);
  expect(maybeDeviceOf(db, 'hash-1')).toMatchObject({ seenMs: NOW + MIN, person: null });
  expect(shutDevice(db, 'd-1', NOW + 2 * MIN)).toBe(true);
  expect(shutDevice(db, 'd-1', NOW + 3 * MIN)).toBe(false);
  expect(giveDevice(db, 'd-1', 'Jo')).toBe(false);
  expect(maybeDeviceOf(db, 'hash-1')).toBeNull();
  expect(listDevices(db)).toMatchObject([{ id: 'd-1', shutMs: NOW + 2 * MIN }]);
});

test('a code is used once, within its time', () => {
  addPairing(db, 'code', { ...HANDS, untilMs: NOW + 2 * MIN }, NOW);
  expect(takePairing(db, 'code', NOW + MIN)).toEqual(HANDS);
  expect(takePairing(db, 'code', NOW + MIN)).toBeNull();
  addPairing(db, 'late', { ...HANDS, untilMs: NOW + 2 * MIN }, NOW);
  expect(takePairing(db, 'late', NOW + 2 * MIN)).toBeNull();
});

test('five wrong codes make the open ones void; a new one is good again', () => {
  addPairing(db, 'code', { ...HANDS, untilMs: NOW + 2 * MIN }, NOW);
  for (let i = 0; i < MOST_MISSES; i += 1) expect(takePairing(db, `no-${i}`, NOW)).toBeNull();
  expect(takePairing(db, 'code', NOW)).toBeNull();
  addPairing(db, 'other', { ...HANDS, untilMs: NOW + 2 * MIN }, NOW);
  expect(takePairing(db, 'other', NOW)).toEqual(HANDS);
});

test('a key opens what it was made for until it is taken back', () => {
  const key = { id: 'k-1', kind: 'calendar', name: 'Phone', madeMs: NOW, usedMs: null } as const;
  addKey(db, key, 'hash');
  expect(maybeKeyOf(db, 'calendar', 'hash')).toEqual(key);
  expect(maybeKeyOf(db, 'readings', 'hash')).toBeNull();
  noteKeyUse(db, 'k-1', NOW + MIN);
  expect(listKeys(db)).toEqual([{ ...key, usedMs: NOW + MIN }]);
  expect([dropKey(db, 'k-1'), dropKey(db, 'k-1')]).toEqual([true, false]);
  expect(maybeKeyOf(db, 'calendar', 'hash')).toBeNull();
});

test('the gate is closed at first, and says what it found', () => {
  expect(gateState(db)).toEqual({
    wanted: false,
    always: false,
    addresses: [],
    fingerprint: null,
    trouble: null,
  });
  wantGate(db, true);
  saveGateFound(db, {
    always: true,
    addresses: ['https://10.0.0.2:4443'],
    fingerprint: 'AB:CD',
    trouble: null,
  });
  expect(gateState(db)).toMatchObject({
    wanted: true,
    always: true,
    addresses: ['https://10.0.0.2:4443'],
  });
});

test('who is at the machine itself is kept', () => {
  expect(personHere(db)).toBeNull();
  saveHere(db, 'Jo');
  expect(personHere(db)).toBe('Jo');
});

describe('in a folder', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(path.join(tmpdir(), 'olvik-ways-'));
  });
  afterEach(() => rmSync(folder, { recursive: true }));

  test('the file is its owner’s alone, and opens again with what it held', () => {
    const first = openWaysIn(folder);
    addDevice(first, TABLET, 'hash-1');
    first.close();
    const again = openWaysIn(folder);
    expect(listDevices(again)).toEqual([TABLET]);
    again.close();
    expect(statSync(path.join(folder, WAYS_IN_FILE)).mode & 0o777).toBe(0o600);
  });

  test('one of a newer Olvik and one that is no database are refused in words', () => {
    const newer = openWaysIn(folder);
    newer.pragma('user_version = 99');
    newer.close();
    expect(() => openWaysIn(folder)).toThrow('schema 99');
    writeFileSync(path.join(folder, WAYS_IN_FILE), 'Dear Maren,');
    expect(() => openWaysIn(folder)).toThrow('can not be read');
  });
});
