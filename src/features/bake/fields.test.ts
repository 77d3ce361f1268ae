import { beginningAt, type BakeFields } from './fields';

const service = { readyFrom: '2026-11-27T18:00', readyTo: '2026-11-27T21:00' } as BakeFields;

test('a service that begins later ends later, and stays as long as it was', () => {
  expect(beginningAt(service, '2026-11-28T19:30')).toEqual({
    readyFrom: '2026-11-28T19:30',
    readyTo: '2026-11-28T22:30',
  });
  expect(beginningAt(service, '2026-11-26T23:30').readyTo).toBe('2026-11-27T02:30');
});

test('through a year on its way to be typed it comes back as it was', () => {
  const odd = beginningAt(service, '0002-11-27T18:00');
  const back = beginningAt({ ...service, ...odd }, '2026-11-27T18:00');
  expect(back).toEqual({ readyFrom: '2026-11-27T18:00', readyTo: '2026-11-27T21:00' });
});

test('what is no hour takes nothing along', () => {
  expect(beginningAt(service, '').readyTo).toBe(service.readyTo);
  expect(beginningAt({ ...service, readyTo: '' }, '2026-11-28T18:00')).toEqual({
    readyFrom: '2026-11-28T18:00',
    readyTo: '',
  });
});
