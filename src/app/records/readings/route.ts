import { shopContext } from '@/server/context';
import { previewReadings, storeReadings } from '@/server/records/import-readings';

/** A logger’s file: looked at, or stored. Larger than a form can be, hence a route. */
export async function POST(request: Request): Promise<Response> {
  const form: unknown = await request.json().catch(() => null);
  const store = new URL(request.url).searchParams.get('store') === 'yes';
  const context = shopContext();
  return Response.json(store ? storeReadings(context, form) : previewReadings(context, form));
}
