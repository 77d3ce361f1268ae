import { shopContext } from '@/server/context';
import { handsCsv } from '@/server/hands-list/files';
import { handsList } from '@/server/hands-list/hands-list';

/** The moments of hands as CSV. */
export async function GET(): Promise<Response> {
  return new Response(handsCsv(handsList(shopContext())), {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': 'attachment; filename="hands.csv"',
    },
  });
}
