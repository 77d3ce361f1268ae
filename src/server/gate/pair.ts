import { tr } from '@/words/tr';
import { randomUUID } from 'node:crypto';
import { z } from '@/core/parse';
import { type Db } from '@/data';
import { addDevice, takePairing } from '@/data/ways-in';
import type { Device } from '@/shop/kept/device';
import { hashOf, newSecret } from '../ways-in/ways-in';

const pairForm = z.object({
  code: z
    .string()
    .transform((text) => text.replace(/\s/g, ''))
    .pipe(
      z
        .string()
        .regex(/^\d{6}$/, { error: () => tr`Code: six digits, as the other device shows them.` }),
    ),
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Name: what is this device called? For example “bench tablet”.` })
    .max(40, { error: () => tr`Name: at most 40 letters.` }),
});

/** A device let in with the token that it keeps, or why not. */
export type Paired =
  | { readonly ok: true; readonly device: Device; readonly token: string }
  | { readonly ok: false; readonly sentence: string };

const noSuch = () =>
  tr`Code: it is not right, was used, or its two minutes are over. Have a new one shown on a device that is in.`;

/** Lets a device in by its code, once. What is wrong with a wrong code is not said. */
export function paired(db: Db, form: unknown, nowMs: number): Paired {
  const parsed = pairForm.safeParse(form);
  if (!parsed.success) {
    return { ok: false, sentence: parsed.error.issues[0]?.message ?? tr`Code: six digits.` };
  }
  const { code, name } = parsed.data;
  const pairing = takePairing(db, hashOf(code), nowMs);
  if (pairing === null) return { ok: false, sentence: noSuch() };
  const token = newSecret();
  const device: Device = {
    ...pairing,
    id: randomUUID(),
    name,
    pairedMs: nowMs,
    seenMs: nowMs,
    shutMs: null,
  };
  addDevice(db, device, hashOf(token));
  return { ok: true, device, token };
}
