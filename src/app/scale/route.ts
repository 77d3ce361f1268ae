import { eventStream } from '@/server/streams/event-stream';
import { readScale } from '@/server/mix/scale';

export const dynamic = 'force-dynamic';

/** Readings so often, ms: as fast as an eye follows a pour. */
const EVERY_MS = 150;

/** A stream of what the scale shows; a reading is sent when it changes, none when the scale is not connected. */
export function GET(request: Request): Response {
  return eventStream(request.signal, (send) => {
    let last = '';
    const tell = () => {
      const { reading, simulated } = readScale();
      const shows = reading === null ? null : { massG: reading.massG, stable: reading.stable };
      const shown = JSON.stringify({ shows, simulated });
      if (shown !== last) send(shown);
      last = shown;
    };
    tell();
    const timer = setInterval(tell, EVERY_MS);
    timer.unref();
    return () => clearInterval(timer);
  });
}
