import { qrOf } from '@/shop/labels/qr';
import { codeIn } from './code-in-photo';

/** The squares as a scanner sees them, with a quiet edge. */
function photo({ size, dark }: ReturnType<typeof qrOf>, px = 6) {
  const edge = 4;
  const side = (size + 2 * edge) * px;
  const data = new Uint8ClampedArray(side * side * 4).fill(255);
  for (let y = 0; y < side; y += 1) {
    for (let x = 0; x < side; x += 1) {
      const [column, row] = [Math.floor(x / px) - edge, Math.floor(y / px) - edge];
      const inside = column >= 0 && row >= 0 && column < size && row < size;
      if (inside && dark[row * size + column] === true) {
        data.fill(0, (y * side + x) * 4, (y * side + x) * 4 + 3);
      }
    }
  }
  return codeIn(data, side, side);
}

test.each(['F-S1', 'S-G21', 'P1126-1'])('the square of a label is read as its code: %s', (code) => {
  expect(photo(qrOf(code))).toBe(code);
});

test('a picture without a code has none', () => {
  expect(codeIn(new Uint8ClampedArray(40 * 40 * 4).fill(255), 40, 40)).toBeNull();
});
