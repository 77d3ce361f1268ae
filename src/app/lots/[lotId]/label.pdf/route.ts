import { tr } from '@/words/tr';
import { shopContext } from '@/server/context';
import { labelOf } from '@/server/labels/label';
import { labelPdf } from '@/server/labels/pdf';
import { labelSize } from '@/shop/labels/sizes';
import { segmentOf } from '../../../segment';

type Props = { params: Promise<{ lotId: string }> };

const MOST = 200;

/** Labels of a lot as PDF. */
export async function GET(request: Request, { params }: Props): Promise<Response> {
  const lotId = segmentOf((await params).lotId);
  const content = labelOf(shopContext(), lotId);
  if (content === null) {
    return new Response(tr`Lot: ${lotId.slice(0, 80)} has not been made yet.`, { status: 404 });
  }
  const asked = new URL(request.url).searchParams;
  const copies = Number(asked.get('copies') ?? '1');
  if (!Number.isInteger(copies) || copies < 1 || copies > MOST) {
    return new Response(
      tr`Labels: ${(asked.get('copies') ?? '').slice(0, 20)} is not possible. Allowed: whole numbers, 1 to ${MOST}.`,
      { status: 400 },
    );
  }
  const pdf = await labelPdf(content, labelSize(asked.get('size')), copies);
  return new Response(Buffer.from(pdf), {
    headers: {
      'Content-Type': 'application/pdf',
      'Content-Disposition': `inline; filename="${lotId.replace(/[^A-Za-z0-9-]/g, '_')}.pdf"`,
    },
  });
}
