/** The lot that a typed or scanned code means: letters of either case, with or without blanks; null for none. */
export function lotOfCode(said: string, codes: readonly string[]): string | null {
  const plain = (code: string) => code.replace(/\s+/g, '').toUpperCase();
  const wanted = plain(said);
  return wanted === '' ? null : (codes.find((code) => plain(code) === wanted) ?? null);
}
