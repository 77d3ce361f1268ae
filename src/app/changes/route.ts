import { shopVersion, watchShop } from '@/services/changes';
import { shopContext } from '@/services/context';
import { openStreams } from '@/services/streams';

export const dynamic = 'force-dynamic';

/** A comment now and then keeps the line open and finds out that nobody listens any more. */
const HEARTBEAT_MS = 15_000;

/** A stream of the shop’s versions: one at once, one whenever anything is written. */
export function GET(request: Request): Response {
  const encoder = new TextEncoder();
  let stop = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const send = (text: string) => controller.enqueue(encoder.encode(text));
      const stopWatching = watchShop(shopContext(), (version) => send(`data: ${version}\n\n`));
      const heartbeat = setInterval(() => send(': still here\n\n'), HEARTBEAT_MS);
      heartbeat.unref();
      stop = () => {
        openStreams.delete(stop);
        clearInterval(heartbeat);
        stopWatching();
        try {
          controller.close();
        } catch {
          // The reader has closed it already.
        }
      };
      openStreams.add(stop);
      request.signal.addEventListener('abort', () => stop());
      send(`retry: 1000\ndata: ${shopVersion(shopContext())}\n\n`);
    },
    cancel: () => stop(),
  });
  return new Response(body, {
    headers: {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-cache, no-transform',
      'X-Accel-Buffering': 'no',
    },
  });
}
