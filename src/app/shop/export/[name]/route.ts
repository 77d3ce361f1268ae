import { tr } from '@/words/tr';
import { shopContext } from '@/server/context';
import { csvText } from '@/server/exports/csv';
import { EXPORT_NAMES, exportTable } from '@/server/exports/tables';
import { textStream } from '../../text-stream';

type Props = { params: Promise<{ name: string }> };

/** A table of the shop as CSV. */
export async function GET(_: Request, { params }: Props): Promise<Response> {
  const name = (await params).name.replace(/\.csv$/, '');
  const table = exportTable(shopContext(), name);
  if (table === null) {
    return new Response(
      tr`Export: there is no table of that name. Allowed: ${EXPORT_NAMES.join(', ')}.`,
      {
        status: 404,
      },
    );
  }
  return new Response(textStream(csvText(table)), {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': `attachment; filename="olvik-${name}.csv"`,
      'Cache-Control': 'no-store',
    },
  });
}
