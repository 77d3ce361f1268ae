import { hoursText, readHours } from './hours-text';

test.each([
  ['', []],
  ['6-14', [[360, 840]]],
  ['06:30–22:15', [[390, 1335]]],
  [
    '10-14, 17-24',
    [
      [600, 840],
      [1020, 0],
    ],
  ],
  ['18:00-02:00', [[1080, 120]]],
])('hours typed as “%s” are understood', (text, wanted) => {
  const found = readHours(text)!;
  expect(found.map((one) => [one.fromMinute, one.untilMinute])).toEqual(wanted);
  expect(readHours(hoursText(found))).toEqual(found);
});

test.each(['early', '6', '25-26', '6:70-8', '6-14;', '-6'])('“%s” is not guessed', (text) => {
  expect(readHours(text)).toBeNull();
});
