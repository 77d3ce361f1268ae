import { spareHeight } from './use-spare-height';

test.each([
  [1280, 800, 0],
  [1440, 900, 0],
  [1920, 1080, 252],
  [1080, 1920, 450],
  [390, 1200, 0],
])('a window of %i × %i has %i px to spare', (width, height, spare) => {
  expect(spareHeight(width, height)).toBe(spare);
});
