import type { NextRequest } from 'next/server';
import { shopContext } from '@/server/context';
import { dayTraceView } from '@/server/sheets/day-trace';
import { dayTracePdf } from '@/server/sheets/day-trace-paper';

/** The trace of a day as PDF. */
export async function GET({ nextUrl }: NextRequest): Promise<Response> {
  const view = dayTraceView(shopContext(), nextUrl.searchParams.get('day') ?? undefined);
  if (view.remark !== null) return new Response(view.remark, { status: 400 });
  const bytes = await dayTracePdf(view);
  return new Response(Buffer.from(bytes), {
    headers: {
      'Content-Type': 'application/pdf',
      'Content-Disposition': `attachment; filename="olvik-trace-${view.day}.pdf"`,
    },
  });
}
