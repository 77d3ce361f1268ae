/** A part of an address as it was meant; one that can not be decoded is taken as it stands, and names nothing. */
export function segmentOf(part: string): string {
  try {
    return decodeURIComponent(part);
  } catch {
    return part;
  }
}
