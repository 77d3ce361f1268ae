import { tr } from '@/words/tr';
import { shopContext } from '@/server/context';
import { lineageOf } from '@/server/lots/lineage';
import { lineageCsv } from '@/server/lots/lineage-csv';
import { segmentOf } from '../../../segment';

type Props = { params: Promise<{ lotId: string }> };

/** The lineage of a lot as CSV. */
export async function GET(_: Request, { params }: Props): Promise<Response> {
  const lotId = segmentOf((await params).lotId);
  const lineage = lineageOf(shopContext(), lotId);
  if (lineage === null) {
    return new Response(tr`Lot: ${lotId.slice(0, 80)} has not been made yet.`, { status: 404 });
  }
  return new Response(lineageCsv(lineage), {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': `attachment; filename="${lotId.replace(/[^A-Za-z0-9-]/g, '_')}-lineage.csv"`,
    },
  });
}
