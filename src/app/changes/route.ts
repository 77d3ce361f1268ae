import { shopVersion, watchShop } from '@/services/changes';
import { shopContext } from '@/services/context';
import { eventStream } from '@/services/event-stream';

export const dynamic = 'force-dynamic';

/** A stream of the shop’s versions: one at once, one whenever anything is written. */
export function GET(request: Request): Response {
  return eventStream(request.signal, (send) => {
    send(String(shopVersion(shopContext())));
    return watchShop(shopContext(), (version) => send(String(version)));
  });
}
