/** What of a request says where it comes from. */
export interface Asker {
  readonly method: string;
  readonly host: string | null;
  readonly origin: string | null;
  /** Sec-Fetch-Site, -Mode and -Dest; null where the caller is no browser. */
  readonly site: string | null;
  readonly mode: string | null;
  readonly dest: string | null;
}

/** Names under which this machine reaches itself. */
const LOOPBACK: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** The name in a Host header, without its port; null where it is none. */
function nameOf(host: string): string | null {
  const found = /^(\[[0-9a-f:.]+\]|[a-z0-9.-]+)(?::\d{1,5})?$/i.exec(host);
  return found?.[1]?.toLowerCase().replace(/\.$/, '') ?? null;
}

/**
 * Why a request is not answered, as a status; null for one that is. A page of another address must neither read the shop nor
 * write to it, whatever name it gives this machine: only names of the shop are answered (421), and what a browser says of
 * another page's doing is refused (403). Following a link to the shop is allowed, sending it something is not.
 * @param allowed names beside the loopback ones that the shop answers to
 */
export function refusedStatus(asker: Asker, allowed: ReadonlySet<string>): 403 | 421 | null {
  const name = asker.host === null ? null : nameOf(asker.host);
  if (name === null || !(LOOPBACK.has(name) || allowed.has(name))) return 421;
  return isForeign(asker) ? 403 : null;
}

/** True for what a browser says another page is doing; a program that is no browser says nothing of it. */
function isForeign({ method, host, origin, site, mode, dest }: Asker): boolean {
  if (origin === 'null') return !isReading(method) || isElsewhere(site);
  if (origin !== null && !isOwn(origin, host ?? '')) return true;
  const follows = isReading(method) && mode === 'navigate' && dest === 'document';
  return isElsewhere(site) && !follows;
}

const isElsewhere = (site: string | null) =>
  site !== null && site !== 'same-origin' && site !== 'none';

const isReading = (method: string) => method === 'GET' || method === 'HEAD';

function isOwn(origin: string, host: string): boolean {
  try {
    return new URL(origin).host === new URL(`http://${host}`).host;
  } catch {
    return false;
  }
}

/** Names from OLVIK_HOSTS, separated by commas. */
export function namesFrom(text: string | undefined): ReadonlySet<string> {
  const names = (text ?? '').split(',').map((one) => one.trim().toLowerCase());
  return new Set(names.filter((one) => one !== ''));
}
