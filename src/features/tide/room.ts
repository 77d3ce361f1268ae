/** The room that the picture has on a device, CSS px, and its text over the usual one. */
export interface Room {
  readonly width: number;
  readonly height: number;
  readonly text: number;
}

/** Cookie in which a device says what room its picture had last, so that the next one is drawn for it at once. */
export const ROOM_COOKIE = 'olvik-room';
const A_YEAR_S = 365 * 24 * 3600;

const WRITTEN = /^(\d{3,4})x(\d{3,4})x(\d(?:\.\d{1,4})?)$/;
const LEAST = { px: 200, text: 0.5 } as const;
const MOST_TEXT = 5;

/** The room that a cookie says; null for none, and for what no device would have written. */
export function roomOf(cookie: string | undefined): Room | null {
  const [, width, height, text] = (WRITTEN.exec(cookie ?? '') ?? []).map(Number);
  if (width === undefined || height === undefined || text === undefined) return null;
  if (width < LEAST.px || height < LEAST.px || text < LEAST.text || text > MOST_TEXT) return null;
  return { width, height, text };
}

/** Remembers the room of this device. */
export function rememberRoom({ width, height, text }: Room): void {
  const said = `${width}x${height}x${Math.round(text * 10_000) / 10_000}`;
  document.cookie = `${ROOM_COOKIE}=${said}; path=/; max-age=${A_YEAR_S}; samesite=lax`;
}
