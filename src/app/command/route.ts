import { tr } from '@/words/tr';
import { z } from '@/core/parse';
import { command } from '@/server/commands/command';
import { asOf, shopContext } from '@/server/context';
import { shopUnits } from '@/server/shop/shop';
import { refused, type Outcome } from '@/shop/outcome';
import { inUnits } from '@/shop/sentence-in-units';
import { whoAsks } from '../who-asks';

/** A method with all its words is a few thousand bytes; a plan with its waves some ten thousand. */
const MOST_BYTES = 4_000_000;
const tooLong = () => tr`Command: it is too long. Nothing was stored.`;
const notRead = () => tr`Command: it can not be read. Nothing was stored.`;

/** An act waits on a device for a week at most. */
const LONGEST_WAIT_MS = 7 * 24 * 3_600_000;

const asked = z.object({
  name: z.unknown(),
  args: z.unknown(),
  id: z.unknown(),
  /** How long it waited on a device that did not reach the shop; by spans, so that a wrong clock there does not matter. */
  waitedMs: z.number().int().min(0).max(LONGEST_WAIT_MS).default(0),
});

/** The one way in for what a page has done: a command by its name, what it takes, and the id the page made for it; JSON. */
export async function POST(request: Request): Promise<Response> {
  // A form of another page can not say that it is JSON without being asked first.
  if (!/^application\/json\b/.test(request.headers.get('content-type') ?? '')) {
    return answered(415, refused(null, notRead()));
  }
  if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES) {
    return answered(413, refused(null, tooLong()));
  }
  const parsed = asked.safeParse(await request.json().catch(() => null));
  if (!parsed.success) return answered(400, refused(null, notRead()));
  const who = await whoAsks();
  if (who === null) {
    return answered(401, refused(null, tr`This device is not let in. Nothing was stored.`));
  }
  const { waitedMs, ...sent } = parsed.data;
  const context = asOf(shopContext(), waitedMs);
  const outcome = await command(context, sent as Required<typeof sent>, who);
  // Asked for after it: a command may have put another shop in this one’s place.
  return answered(200, inUnits(outcome, shopUnits(shopContext())));
}

const answered = (status: number, outcome: Outcome<unknown>) =>
  Response.json(outcome, { status, headers: { 'Cache-Control': 'no-store' } });
