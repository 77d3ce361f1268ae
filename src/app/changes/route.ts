import { shopVersion, watchShop } from '@/server/journal/changes';
import { shopContext } from '@/server/context';
import { eventStream } from '@/server/streams/event-stream';

export const dynamic = 'force-dynamic';

/** A stream of the shop’s versions: one at once, one whenever anything is written. */
export function GET(request: Request): Response {
  return eventStream(request.signal, (send) => {
    send(String(shopVersion(shopContext())));
    return watchShop(shopContext(), (version) => send(String(version)));
  });
}
