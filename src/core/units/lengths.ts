/** Centimetres in one inch (exact, international yard and pound agreement 1959). */
const CM_PER_INCH = 2.54;

/** Centimetres as inches. */
export function cmToInches(lengthCm: number): number {
  return lengthCm / CM_PER_INCH;
}

/** Inches as centimetres; the inverse of {@link cmToInches}. */
export function inchesToCm(inches: number): number {
  return inches * CM_PER_INCH;
}
