import { tr } from '@/words/tr';
import { z } from '@/core/parse';
import { oneShop } from '@/data';
import {
  addKey,
  addPairing,
  dropKey,
  giveDevice,
  saveHere,
  shutDevice,
  wantGate,
} from '@/data/ways-in';
import { DEVICE_ROLES, KEY_KINDS, type KeyKind } from '@/shop/kept/device';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';
import type { ShopContext } from '../context';
import { hashOf, newCode, newSecret, waysIn } from './ways-in';
import { asking } from './who';

/** How long a code lets in, ms. */
export const CODE_MS = 2 * 60_000;

const person = z.string().min(1).max(60).nullable().default(null);

/** Null where a person is one of the shop’s, or everybody; else the refusal. */
function strangerRefused({ db }: ShopContext, who: string | null): Outcome<never> | null {
  const { people } = oneShop(db);
  if (who === null || people.includes(who)) return null;
  const allowed = people.length === 0 ? tr`nobody is named under Shop yet` : people.join(', ');
  return refused(
    'person',
    tr`Person: “${who}” does not work here. Allowed: everybody, ${allowed}.`,
  );
}

const shareForm = z.object({
  wanted: z.boolean({ error: () => tr`Other devices: open or closed?` }),
});

/** Opens the shop to other devices of the network, or closes it. */
export function share(context: ShopContext, form: unknown): Outcome<{ wanted: boolean }> {
  const parsed = parseForm(shareForm, form);
  if (!parsed.ok) return parsed;
  wantGate(waysIn(context), parsed.value.wanted);
  return done({ wanted: parsed.value.wanted });
}

const letInForm = z.object({
  role: z.enum(DEVICE_ROLES, { error: () => tr`Role: all, hands or wall.` }),
  person,
});

/** Makes a code that lets one device in, once, for two minutes. */
export function letIn(
  context: ShopContext,
  form: unknown,
): Outcome<{ code: string; forMs: number }> {
  const parsed = parseForm(letInForm, form);
  if (!parsed.ok) return parsed;
  const stranger = strangerRefused(context, parsed.value.person);
  if (stranger !== null) return stranger;
  const code = newCode();
  const nowMs = Date.now();
  const pairing = { ...parsed.value, untilMs: nowMs + CODE_MS };
  addPairing(waysIn(context), hashOf(code), pairing, nowMs);
  return done({ code, forMs: CODE_MS });
}

const idForm = z.object({ id: z.string().min(1).max(80) });

/** Shuts a device out at once. */
export function shutOut(context: ShopContext, form: unknown): Outcome<{ id: string }> {
  const parsed = parseForm(idForm, form);
  if (!parsed.ok) return parsed;
  const { id } = parsed.value;
  return shutDevice(waysIn(context), id, Date.now())
    ? done({ id })
    : refused('id', tr`Device: it is not among those that are in.`);
}

const whoForm = z.object({ person });

/** Says whose hands are at the device that asks. */
export function sayWho(context: ShopContext, form: unknown): Outcome<{ person: string | null }> {
  const parsed = parseForm(whoForm, form);
  if (!parsed.ok) return parsed;
  const who = parsed.value.person;
  const stranger = strangerRefused(context, who);
  if (stranger !== null) return stranger;
  const device = asking.getStore()?.device ?? null;
  const db = waysIn(context);
  if (device === null) saveHere(db, who);
  else if (!giveDevice(db, device.id, who)) {
    return refused('id', tr`Device: it is not among those that are in.`);
  }
  return done({ person: who });
}

const keyForm = z.object({
  kind: z.enum(KEY_KINDS, { error: () => tr`Key: calendar, readings, scale or labels.` }),
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Name: for what? For example “my phone”.` })
    .max(40, { error: () => tr`Name: at most 40 letters.` }),
});

/** Gives a key out. Its secret is said this once; what is kept knows it again and can not say it. */
export function giveKey(
  context: ShopContext,
  form: unknown,
): Outcome<{ id: string; kind: KeyKind; secret: string }> {
  const parsed = parseForm(keyForm, form);
  if (!parsed.ok) return parsed;
  const { kind, name } = parsed.value;
  const secret = newSecret();
  const id = context.newId();
  addKey(waysIn(context), { id, kind, name, madeMs: Date.now(), usedMs: null }, hashOf(secret));
  return done({ id, kind, secret });
}

/** Takes a key back: it opens nothing from now on. */
export function takeKeyBack(context: ShopContext, form: unknown): Outcome<{ id: string }> {
  const parsed = parseForm(idForm, form);
  if (!parsed.ok) return parsed;
  const { id } = parsed.value;
  return dropKey(waysIn(context), id)
    ? done({ id })
    : refused('id', tr`Key: it was taken back already.`);
}
