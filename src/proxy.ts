import { tr } from '@/words/tr';
import { NextResponse, type NextRequest } from 'next/server';
import { namesFrom, refusedStatus } from '@/server/gate/same-shop';
import { isAnswered, isBeforePairing, isByKey, mayAsk } from '@/server/ways-in/paths';
import { whoOf } from '@/server/ways-in/who';

/** What the page may load: itself, and nothing from outside. */
function policy(nonce: string): string {
  const dev = process.env.NODE_ENV === 'development';
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' 'nonce-${nonce}'`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${dev ? ' ws:' : ''}`,
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

const SAYS = {
  get 403() {
    return tr`This shop is read and written from its own pages only.`;
  },
  get 421() {
    return tr`Olvik answers to the names of its own machine only (127.0.0.1, localhost), and to those in OLVIK_HOSTS.`;
  },
} as const;

const plain = (status: number, text: string) =>
  new NextResponse(text, {
    status,
    headers: { 'Content-Type': 'text/plain; charset=utf-8', 'Cache-Control': 'no-store' },
  });

/** True for an address whose escapes mean something. */
function isReadable(url: string): boolean {
  try {
    decodeURIComponent(new URL(url).pathname);
    return true;
  } catch {
    return false;
  }
}

/** A page’s question whose answer holds more than JSON can say: it takes nothing (“[]”), and is a reading. */
function isQuestion({ method, headers }: NextRequest): boolean {
  return (
    method === 'POST' &&
    /^[0-9a-f]{40,44}$/.test(headers.get('next-action') ?? '') &&
    headers.get('content-length') === '2' &&
    !/^multipart\//.test(headers.get('content-type') ?? '')
  );
}

/** What is answered to a device that may not ask for this; null where it may. */
function outsideRole(request: NextRequest, method: string): NextResponse | null {
  const path = decodeURIComponent(request.nextUrl.pathname);
  if (isByKey(path) || isBeforePairing(path)) return null;
  const who = whoOf(request.headers, process.env['OLVIK_GATE_KEY'], () => null);
  if (who === null) return plain(401, tr`This device is not let in.`);
  return mayAsk(who.role, { method, path })
    ? null
    : plain(403, tr`This device may not do that: its role is given under Other devices.`);
}

/** Refuses what another site's page asks; puts the Content-Security-Policy and the other security headers on every page. */
export function proxy(request: NextRequest): NextResponse {
  if (!isReadable(request.url)) {
    return plain(400, tr`Address: it can not be read. Nothing was changed.`);
  }
  const said = (name: string) => request.headers.get(name);
  const status = refusedStatus(
    {
      method: request.method,
      host: said('host'),
      origin: said('origin'),
      site: said('sec-fetch-site'),
      mode: said('sec-fetch-mode'),
      dest: said('sec-fetch-dest'),
    },
    namesFrom(process.env['OLVIK_HOSTS']),
  );
  if (status !== null) {
    return plain(status, SAYS[status]);
  }
  const method = isQuestion(request) ? 'GET' : request.method;
  if (!isAnswered(method, request.nextUrl.pathname)) {
    return plain(405, tr`Views are read; what is done is sent as a command. Nothing was changed.`);
  }
  const outside = outsideRole(request, method);
  if (outside !== null) return outside;
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const csp = policy(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('Content-Security-Policy', csp);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('Content-Security-Policy', csp);
  response.headers.set('X-Content-Type-Options', 'nosniff');
  response.headers.set('Referrer-Policy', 'no-referrer');
  response.headers.set('X-Frame-Options', 'DENY');
  response.headers.set('Cross-Origin-Opener-Policy', 'same-origin');
  response.headers.set('Permissions-Policy', 'geolocation=(), microphone=(), payment=()');
  return response;
}

export const config = {
  matcher: [{ source: '/(.*)' }],
};
