import type { NextRequest } from 'next/server';
import { shopContext } from '@/server/context';
import { csvText } from '@/server/exports/csv';
import { dayTraceView } from '@/server/sheets/day-trace';
import { dayTraceTable } from '@/server/sheets/day-trace-paper';
import { textStream } from '../../shop/text-stream';

/** The trace of a day as CSV. */
export function GET({ nextUrl }: NextRequest): Response {
  const view = dayTraceView(shopContext(), nextUrl.searchParams.get('day') ?? undefined);
  if (view.remark !== null) return new Response(view.remark, { status: 400 });
  return new Response(textStream(csvText(dayTraceTable(view))), {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': `attachment; filename="olvik-trace-${view.day}.csv"`,
      'Cache-Control': 'no-store',
    },
  });
}
