import { shopContext } from '@/server/context';
import { sheetsView } from '@/server/sheets/sheets';
import { sheetsPdf } from '@/server/sheets/sheets-pdf';

/** The sheets for food safety as PDF. */
export async function GET(): Promise<Response> {
  const bytes = await sheetsPdf(sheetsView(shopContext()));
  return new Response(Buffer.from(bytes), {
    headers: {
      'Content-Type': 'application/pdf',
      'Content-Disposition': 'attachment; filename="olvik-sheets.pdf"',
    },
  });
}
