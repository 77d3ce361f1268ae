import { speak } from '@/words/all-languages';
import { readPastDay, readWallTime } from './typed-wall';

/** A Friday morning. */
const NOW = '2026-11-27T06:10';
const read = (text: string, value = '2026-11-28T18:00') => readWallTime(text, { now: NOW, value });

test.each([
  ['fri 18', '2026-11-27T18:00'],
  ['Friday 18:30', '2026-11-27T18:30'],
  ['fri 6', '2026-12-04T06:00'],
  ['fr. 18.30', '2026-11-27T18:30'],
  ['mo 7', '2026-11-30T07:00'],
  ['sat', '2026-11-28T18:00'],
  ['18:30', '2026-11-28T18:30'],
  ['1830', '2026-11-28T18:30'],
  ['18', '2026-11-28T18:00'],
  ['7 h', '2026-11-28T07:00'],
  ['6 pm', '2026-11-28T18:00'],
  ['12:15am', '2026-11-28T00:15'],
  ['noon', '2026-11-28T12:00'],
  ['today 9', '2026-11-27T09:00'],
  ['tomorrow 7', '2026-11-28T07:00'],
  ['tom', '2026-11-28T18:00'],
  ['27 nov 18:00', '2026-11-27T18:00'],
  ['nov 29', '2026-11-29T18:00'],
  ['Nov 29, 9:30', '2026-11-29T09:30'],
  ['29.11. 18.30', '2026-11-29T18:30'],
  ['29.11.2026', '2026-11-29T18:00'],
  ['3/1 12:00', '2027-01-03T12:00'],
  ['20 dec at 17', '2026-12-20T17:00'],
  ['2026-12-01 08:00', '2026-12-01T08:00'],
  ['Fri 27 Nov 2026 18:00', '2026-11-27T18:00'],
  ['29112026 1800', '2026-11-29T18:00'],
  ['291120261800', '2026-11-29T18:00'],
  ['29 feb 2028', '2028-02-29T18:00'],
  ['+2h', '2026-11-28T20:00'],
  ['+1 h 30', '2026-11-28T19:30'],
  ['-90 min', '2026-11-28T16:30'],
  ['+1 d', '2026-11-29T18:00'],
  ['+0,5h', '2026-11-28T18:30'],
  ['in 2 h', '2026-11-27T08:10'],
  ['now', '2026-11-27T06:10'],
  ['  FRI   18  ', '2026-11-27T18:00'],
])('“%s” is %s', (text, wall) => expect(read(text)).toBe(wall));

test.each([
  ...[
    '',
    'f',
    'fri 25',
    '18:60',
    '13 pm',
    '31 nov 18',
    '32.1.',
    'soon',
    '+',
    '+h',
    'in',
    'ma 3',
    '18:3',
  ],
  ...['99', '29 feb 2027', 'in two hours', '2026-13-01', '12345', '-', '+1 week'],
])('“%s” is no day and hour', (text) => expect(read(text)).toBeNull());

test('in an empty field a day has the hour of now, an hour is today', () => {
  expect(read('sat', '')).toBe('2026-11-28T06:10');
  expect(read('18', '')).toBe('2026-11-27T18:00');
  expect(read('+2h', '')).toBe('2026-11-27T08:10');
});

describe.each([
  [
    'it',
    { 'ven 18': '2026-11-27T18:00', 'sab 9': '2026-11-28T09:00', 'domani 7': '2026-11-28T07:00' },
    {
      'fra 2 h': '2026-11-27T08:10',
      '27 dicembre 18': '2026-12-27T18:00',
      'fri 18': '2026-11-27T18:00',
    },
  ],
  [
    'de',
    { 'fr 18': '2026-11-27T18:00', 'sa 9': '2026-11-28T09:00', 'morgen 7': '2026-11-28T07:00' },
    {
      'in 2 h': '2026-11-27T08:10',
      '3. märz 18': '2027-03-03T18:00',
      'tomorrow 7': '2026-11-28T07:00',
    },
  ],
] as const)('in %s', (spoken, days, others) => {
  beforeAll(() => speak(spoken));
  afterAll(() => speak('en'));

  test.each(Object.entries({ ...days, ...others }))('“%s” is %s', (typed, wall) => {
    expect(read(typed, '')).toBe(wall);
  });

  test('days gone by are named in it too', () => {
    const yesterday = spoken === 'it' ? 'ieri' : 'gestern';
    expect(readPastDay(yesterday, NOW)).toBe('2026-11-26');
  });
});

test('nothing that is typed throws, and what is understood is a wall time', () => {
  const letters = 'frisat nov27+-:.h/0186 pm';
  let seed = 7;
  for (let i = 0; i < 4000; i += 1) {
    const text = Array.from({ length: 1 + (i % 9) }, () => {
      seed = (seed * 16807) % 2147483647;
      return letters[seed % letters.length];
    }).join('');
    const wall = read(text);
    if (wall !== null) expect(wall).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d$/);
  }
});

test.each([
  ['fri', '2026-11-27'],
  ['sat', '2026-11-21'],
  ['thu', '2026-11-26'],
  ['yesterday', '2026-11-26'],
  ['today', '2026-11-27'],
  ['20 nov', '2026-11-20'],
  ['20.11.', '2026-11-20'],
  ['2026-11-05', '2026-11-05'],
  ['friday 13', null],
  ['18:30', null],
  ['', null],
])('of days gone by “%s” is %s', (text, day) => expect(readPastDay(text, NOW)).toBe(day));
