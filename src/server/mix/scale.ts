import { numberField, z } from '@/core/parse';
import type { ScaleReading } from '@/devices/scale';
import { SimulatedScale } from '@/devices/simulated-scale';
import { done, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';

const holder = globalThis as { olvikScale?: SimulatedScale };

/** The scale of this process: the simulated one that ships, until a real one speaks the same interface. */
function scale(): SimulatedScale {
  holder.olvikScale ??= new SimulatedScale();
  return holder.olvikScale;
}

/** What the scale shows now; null while it is not connected. A scale lives in real time, whatever the shop’s clock. */
export function readScale(): ScaleReading | null {
  return scale().read(Date.now());
}

const POUR_RULE = { name: 'Poured', unit: 'g', min: -50_000, max: 50_000 } as const;
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
  const one = scale();
  const { value } = parsed;
  if (value.act === 'tare') one.tare(Date.now());
  if (value.act === 'clear') one.clear();
  if (value.act === 'connect') one.connect(value.connected);
  if (value.act === 'pour') one.pour(value.massG, Date.now());
  return done({ massG: readScale()?.massG ?? null });
}
