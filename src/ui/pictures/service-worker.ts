import { CacheFirst, ExpirationPlugin, NetworkFirst, Serwist, type SerwistPlugin } from 'serwist';
import { fixedFilesIn, isFixedFile, KEPT_HEADER, markedPage } from './marked';
import type { KeepMessage } from './marked';
import { noPicture } from './no-picture';

const worker = self as unknown as ServiceWorkerGlobalScope;
const PICTURES = 'olvik-pictures';
const FILES = 'olvik-files';
/** What a page said to show where there is no picture, under a name of its own. */
const SAID = 'olvik-said';
const INSTEAD = '/no-picture';
/** A shop that takes longer than this to answer, s, is shown as it stood until it does. */
const PATIENCE_S = 8;
const MOST_PICTURES = 40;
const MOST_FILES = 400;
const OLDEST_S = 7 * 24 * 3600;

/** Keeps whole pages of the shop with the hour; gives them out marked with it. Nothing else of the shop’s answers is kept. */
const pictures: SerwistPlugin = {
  cacheWillUpdate: async ({ response }) => {
    const isPage = response.headers.get('content-type')?.startsWith('text/html') === true;
    if (!response.ok || response.redirected || !isPage) return null;
    const headers = new Headers(response.headers);
    headers.set(KEPT_HEADER, String(Date.now()));
    return new Response(await response.blob(), { headers });
  },
  cachedResponseWillBeUsed: async ({ cachedResponse }) => {
    if (cachedResponse === undefined) return null;
    const keptMs = Number(cachedResponse.headers.get(KEPT_HEADER) ?? 0);
    const { headers } = cachedResponse;
    return new Response(markedPage(await cachedResponse.text(), keptMs), { headers });
  },
  handlerDidError: async () =>
    (await caches.match(INSTEAD, { cacheName: SAID })) ?? pageOf(noPicture()),
};

const pageOf = (html: string) =>
  new Response(html, { headers: { 'Content-Type': 'text/html; charset=utf-8' } });

const pages = new NetworkFirst({
  cacheName: PICTURES,
  networkTimeoutSeconds: PATIENCE_S,
  matchOptions: { ignoreVary: true },
  plugins: [pictures, new ExpirationPlugin({ maxEntries: MOST_PICTURES, maxAgeSeconds: OLDEST_S })],
});
/**
 * A worker reads what it is to do from the address it was asked for, after the “#”: a kept answer has lost that, one without an
 * address takes it from the request.
 */
const addressOfRequest: SerwistPlugin = {
  cachedResponseWillBeUsed: async ({ cachedResponse, request }) =>
    cachedResponse === undefined || request.destination !== 'worker'
      ? (cachedResponse ?? null)
      : new Response(await cachedResponse.blob(), { headers: cachedResponse.headers }),
};
const files = new CacheFirst({
  cacheName: FILES,
  plugins: [
    addressOfRequest,
    new ExpirationPlugin({
      maxEntries: MOST_FILES,
      maxAgeFrom: 'last-used',
      purgeOnQuotaError: true,
    }),
  ],
});

/** A view of the shop that a browser opens; files to keep elsewhere are none. */
const isView = ({ request, url }: { request: Request; url: URL }) =>
  request.mode === 'navigate' && !/\.[a-z]+$/.test(url.pathname);

const serwist = new Serwist({
  skipWaiting: true,
  clientsClaim: true,
  navigationPreload: true,
  runtimeCaching: [
    { matcher: ({ sameOrigin, url }) => sameOrigin && isFixedFile(url.pathname), handler: files },
    {
      // A device that is asked to be let in has no right to what it was shown before.
      matcher: ({ request, url }) => request.mode === 'navigate' && url.pathname === '/pair',
      handler: async ({ request }) => {
        const response = await fetch(request);
        await caches.delete(PICTURES);
        return response;
      },
    },
    { matcher: isView, handler: pages },
  ],
});
serwist.addEventListeners();

worker.addEventListener('message', (event) => {
  const message = event.data as Partial<KeepMessage> | null;
  if (typeof message?.keep === 'string') event.waitUntil(keep(event, message as KeepMessage));
});

/** Keeps a picture of a view as the shop shows it now, and what it is built of. */
async function keep(event: ExtendableEvent, message: KeepMessage) {
  const { keep: view, files: named, instead } = message;
  await caches.open(SAID).then((said) => said.put(INSTEAD, pageOf(instead)));
  const request = new Request(view, { headers: { Accept: 'text/html' } });
  const response = await pages.handle({ event, request });
  if (!response.ok || response.headers.has(KEPT_HEADER)) return;
  const all = new Set([...named.filter(isFixedFile), ...fixedFilesIn(await response.text())]);
  await Promise.all(
    [...all].map((file) =>
      files.handle({ event, request: new Request(file) }).catch(() => undefined),
    ),
  );
}
