import { shopContext } from '@/server/context';
import { handsIcs } from '@/server/hands-list/files';
import { handsList } from '@/server/hands-list/hands-list';

/** The moments of hands as a calendar file. */
export async function GET(): Promise<Response> {
  return new Response(handsIcs(handsList(shopContext())), {
    headers: {
      'Content-Type': 'text/calendar; charset=utf-8',
      'Content-Disposition': 'attachment; filename="hands.ics"',
    },
  });
}
