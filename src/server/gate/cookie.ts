/** Sent to this address alone, over TLS, and not to be read by a page. */
const NAME = '__Host-olvik-device';
const YEAR_S = 365 * 24 * 3600;

/** The token in a Cookie header; null where there is none. */
export function tokenIn(header: string | undefined): string | null {
  for (const part of (header ?? '').split(';')) {
    const [name, value] = part.trim().split('=');
    if (name === NAME && value !== undefined && /^[\w-]{20,80}$/.test(value)) return value;
  }
  return null;
}

/** The header that gives a device its token. */
export const cookieOf = (token: string): string =>
  `${NAME}=${token}; Path=/; Max-Age=${YEAR_S}; HttpOnly; Secure; SameSite=Strict`;
