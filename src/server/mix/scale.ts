import { tr, word } from '@/words/tr';
import { numberField, z } from '@/core/parse';
import type { Scale, ScaleReading } from '@/devices/scale';
import { SentScale } from '@/devices/sent-scale';
import { SimulatedScale } from '@/devices/simulated-scale';
import { jsonOf } from '@/shop/json-of';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';

const holder = globalThis as {
  olvikScales?: { simulated: SimulatedScale; sent: SentScale };
};

const scales = () =>
  (holder.olvikScales ??= { simulated: new SimulatedScale(), sent: new SentScale(tr`Scale`) });

/** A real scale that has been silent for so long is put away, ms: the simulated one takes its place again. */
const PUT_AWAY_MS = 30 * 60_000;

/** The scale of this process: one that sends what it shows, the simulated one that ships while none does. */
function scale(): Scale {
  const { sent, simulated } = scales();
  return sent.silentMs(Date.now()) < PUT_AWAY_MS ? sent : simulated;
}

/** What the scale shows, and whether it is the simulated one. */
export interface ScaleShows {
  readonly reading: ScaleReading | null;
  readonly simulated: boolean;
}

/** What the scale shows now; no reading while it is not connected. A scale lives in real time, whatever the shop’s clock. */
export function readScale(): ScaleShows {
  const one = scale();
  return { reading: one.read(Date.now()), simulated: one === scales().simulated };
}

const shown = z.object({
  massG: z.number().min(-100_000).max(500_000),
  stable: z.boolean().default(true),
});

/** Takes what a scale sends. */
export function hearScale(text: string): Outcome<{ massG: number | null }> {
  const parsed = shown.safeParse(jsonOf(text));
  if (!parsed.success) {
    return refused(
      null,
      tr`Scale: it can not be read. Allowed: {"massG":812.4,"stable":true}, −100 to 500 kg in grams.`,
    );
  }
  const { massG, stable } = parsed.data;
  scales().sent.hear(massG, stable, Date.now());
  return done({ massG: readScale().reading?.massG ?? null });
}

const POUR_RULE = { name: word('Poured'), unit: 'g', min: -50_000, max: 50_000 } as const;
const handling = z.discriminatedUnion('act', [
  z.object({ act: z.literal('tare') }),
  z.object({ act: z.literal('clear') }),
  z.object({ act: z.literal('connect'), connected: z.boolean() }),
  z.object({ act: z.literal('pour'), massG: numberField(POUR_RULE) }),
]);

/** Tares the scale; pours onto the simulated one, clears it, or pulls its plug. */
export function handleScale(form: unknown): Outcome<{ massG: number | null }> {
  const parsed = parseForm(handling, form);
  if (!parsed.ok) return parsed;
  const one = scales().simulated;
  const { value } = parsed;
  if (value.act === 'tare') scale().tare(Date.now());
  if (value.act === 'clear') one.clear();
  if (value.act === 'connect') one.connect(value.connected);
  if (value.act === 'pour') one.pour(value.massG, Date.now());
  return done({ massG: readScale().reading?.massG ?? null });
}
