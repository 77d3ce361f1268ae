import type { DeviceRole } from '@/shop/kept/device';

/** Everything of the shop at once: for those who may do everything. */
const WHOLE_SHOP = ['/shop', '/devices'] as const;
/** What is sent to: commands, each checked by its name, and what is larger than a command can be. */
const SENT_TO = [
  '/command',
  '/photos',
  '/readings',
  '/scale/shows',
  '/labels/jobs',
  '/records/readings',
  '/shop/archive.json',
] as const;
const SENT_BY: Readonly<Record<Exclude<DeviceRole, 'all'>, readonly string[]>> = {
  hands: ['/command', '/photos'],
  // What it sends is refused by its name, in words.
  wall: ['/command'],
};

const isUnder = (path: string, all: readonly string[]) =>
  all.some((one) => path === one || path.startsWith(`${one}/`));

/**
 * True where a device of a role may ask for a path.
 */
export function mayAsk(
  role: DeviceRole,
  asks: { readonly method: string; readonly path: string },
): boolean {
  if (role === 'all') return true;
  const { method, path } = asks;
  if (isReading(method)) return !isUnder(path, WHOLE_SHOP);
  return isUnder(path, SENT_BY[role]);
}

const isReading = (method: string) => method === 'GET' || method === 'HEAD';

/** True where anything answers to a method: views are only read. */
export const isAnswered = (method: string, path: string): boolean =>
  isReading(method) || (method === 'POST' && SENT_TO.some((one) => one === path));

/** What says what Olvik is, and nothing of a shop. */
const BEFORE_PAIRING: ReadonlySet<string> = new Set([
  '/pair',
  '/icon.svg',
  '/icon-192.png',
  '/icon-512.png',
  '/manifest.webmanifest',
]);

/** What is answered to a device before it is let in: the page of pairing with what it is built of, and nothing of the shop. */
export function isBeforePairing(path: string): boolean {
  return BEFORE_PAIRING.has(path) || path.startsWith('/_next/static/');
}

const BY_KEY: ReadonlySet<string> = new Set(['/readings', '/scale/shows', '/labels/jobs']);

/** What is opened by a key of its own, not by a device: calendars and probes can not be paired. */
export function isByKey(path: string): boolean {
  return path.startsWith('/calendar/') || BY_KEY.has(path);
}
