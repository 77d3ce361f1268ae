import { tr, trOf } from '@/words/tr';
import type { Entry } from '@/core/journal';
import { lookWords } from '@/shop/lots/sign-words';

const saysReplaced = () => tr`Moved planned steps`;

type Says<K extends Entry['body']['kind']> = (
  body: Extract<Entry['body'], { kind: K }>,
  name: (lotId: string) => string,
) => string;

/** Each kind of entry in the trade’s words. */
const SAYS: { readonly [K in Entry['body']['kind']]: Says<K> } = {
  make: (body) => tr`Made ${body.name}`,
  divide: (body) => tr`Balled ${body.count} × ${body.ballG} g, ${body.name}`,
  split: (body, name) =>
    tr`Took ${Math.round(body.massG)} g of ${name(body.lotId)} as ${body.name}`,
  use: (body, name) => tr`Baked ${body.count}, ${name(body.lotId)}`,
  move: (body, name) => tr`Moved ${name(body.lotId)}`,
  look: (body, name) => tr`Looked at ${name(body.lotId)}: ${lookWords(body.signs).join(', ')}`,
  work: (body, name) => `${trOf(body.act)}: ${name(body.lotId)}`,
  add: (body, name) => tr`Added to ${name(body.lotId)}`,
  discard: (body, name) => tr`Discarded ${Math.round(body.massG)} g of ${name(body.lotId)}`,
  aim: (body, name) =>
    body.targetRise === null
      ? tr`${name(body.lotId)}: target as the table has it`
      : tr`${name(body.lotId)}: target ×${body.targetRise}`,
  light: (body) => tr`Lit ${body.oven}`,
  do: (body) => tr`Did: ${body.what}`,
  soak: (body) => tr`Soaked flour and water of ${body.name}`,
  reading: (body, name) => tr`Measured ${body.tempC} °C, ${name(body.placeId)}`,
  score: (body) => tr`Scored${scoreText(body)}`,
  note: (body, name) =>
    body.lotId === undefined ? tr`Noted: ${body.text}` : `${name(body.lotId)}: ${body.text}`,
  strike: () => tr`Took back an entry`,
  replace: () => saysReplaced(),
  withdraw: (body) =>
    body.reason === undefined
      ? tr`Withdrew planned steps`
      : tr`Skipped a step: ${trOf(body.reason)}`,
};

function scoreText({ opening, note }: Extract<Entry['body'], { kind: 'score' }>): string {
  const opened =
    opening === undefined
      ? ''
      : opening.first === opening.last
        ? tr`: opening ${trOf(opening.first)} to the last`
        : tr`: opening ${trOf(opening.first)}, at the end ${trOf(opening.last)}`;
  return note === undefined || note === '' ? opened : `${opened}, “${note}”`;
}

/** What a planned entry says: “Planned: move Cold biga”; words about plans themselves stay as they are. */
export function plannedSays(body: Entry['body'], name: (lotId: string) => string): string {
  const says = TO_COME[body.kind] as Says<typeof body.kind> | undefined;
  return says === undefined ? bodySays(body, name) : tr`Planned: ${says(body as never, name)}`;
}

/** What is still to be done, of the kinds of entries that are planned. */
const TO_COME: Readonly<{ [K in Entry['body']['kind']]?: Says<K> }> = {
  make: (body) => tr`make ${body.name}`,
  divide: (body) => tr`ball ${body.count} × ${body.ballG} g, ${body.name}`,
  split: (body, name) =>
    tr`take ${Math.round(body.massG)} g of ${name(body.lotId)} as ${body.name}`,
  use: (body, name) => tr`bake ${body.count}, ${name(body.lotId)}`,
  move: (body, name) => tr`move ${name(body.lotId)}`,
  add: (body, name) => tr`add to ${name(body.lotId)}`,
  discard: (body, name) => tr`discard ${Math.round(body.massG)} g of ${name(body.lotId)}`,
  light: (body) => tr`light ${body.oven}`,
  do: (body) => body.what,
  soak: (body) => tr`soak flour and water of ${body.name}`,
};

/** What an entry says, in the trade’s words. */
export function bodySays(body: Entry['body'], name: (lotId: string) => string): string {
  return (SAYS[body.kind] as Says<typeof body.kind>)(body as never, name);
}
