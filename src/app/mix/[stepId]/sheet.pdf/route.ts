import { tr } from '@/words/tr';
import { shopContext } from '@/server/context';
import { mixSheet } from '@/shop/mix/sheet-content';
import { mixSheetPdf } from '@/server/mix/sheet-pdf';
import { mixView } from '@/server/mix/view';
import { segmentOf } from '../../../segment';

type Props = { params: Promise<{ stepId: string }> };

/** The sheet of a batch as PDF. */
export async function GET(request: Request, { params }: Props): Promise<Response> {
  const stepId = segmentOf((await params).stepId);
  const asked = new URL(request.url).searchParams.get('batch') ?? '1';
  const batch = Number(asked);
  const view = Number.isInteger(batch) ? mixView(shopContext(), stepId, batch) : null;
  if (view === null) {
    return new Response(tr`Mix: there is no batch ${asked.slice(0, 20)} of this mix.`, {
      status: 404,
    });
  }
  const pdf = await mixSheetPdf(mixSheet(view));
  return new Response(Buffer.from(pdf), {
    headers: {
      'Content-Type': 'application/pdf',
      'Content-Disposition': `inline; filename="mix-${batch}.pdf"`,
    },
  });
}
