import { openStreams } from './streams';

/** A comment now and then keeps the line open and finds out that nobody listens any more. */
const HEARTBEAT_MS = 15_000;

/**
 * A stream of events to a page, ended when the page goes away or the server stops.
 * @param begin starts sending; answers how to stop
 */
export function eventStream(
  signal: AbortSignal,
  begin: (send: (data: string) => void) => () => void,
): Response {
  const encoder = new TextEncoder();
  let stop = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const write = (text: string) => controller.enqueue(encoder.encode(text));
      write('retry: 1000\n\n');
      const end = begin((data) => write(`data: ${data}\n\n`));
      const heartbeat = setInterval(() => write(': still here\n\n'), HEARTBEAT_MS);
      heartbeat.unref();
      stop = () => {
        openStreams.delete(stop);
        clearInterval(heartbeat);
        end();
        try {
          controller.close();
        } catch {
          // The reader has closed it already.
        }
      };
      openStreams.add(stop);
      signal.addEventListener('abort', () => stop());
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
