import { tr } from '@/words/tr';
import type { CulturesView } from '@/server/cultures/view';
import { massText, momentText } from '@/ui/format';
import { TellsList, type PlainTell } from '@/ui/tells-list';

/** What the cultures say at a glance. */
export function culturesTells(view: CulturesView): PlainTell[] {
  return [ripeTell(view), feedTell(view), chainTell(view), discardTell(view), backUpTell(view)];
}

const atIn = (view: CulturesView) => (ms: number) =>
  momentText(ms, view.nowMs, view.units.timeZone);

function ripeTell(view: CulturesView): PlainTell {
  const ripe = view.starters.find((row) => row.ripeness === 'ripe');
  if (ripe === undefined)
    return { ask: tr`Ripe now`, says: tr`None`, detail: tr`nothing to take from` };
  const detail = ripe.closesMs === null ? tr`until used` : tr`until ${atIn(view)(ripe.closesMs)}`;
  return { ask: tr`Ripe now`, says: ripe.culture.name, detail };
}

function feedTell(view: CulturesView): PlainTell {
  const { starters, nowMs, nextId } = view;
  const next = starters.find((row) => row.culture.id === nextId);
  const due = next?.due ?? null;
  if (next === undefined || due === null) {
    return { ask: tr`Feed next`, says: tr`None`, detail: tr`no starter yet` };
  }
  const { name } = next.culture;
  return {
    ask: tr`Feed next`,
    says: due.atMs <= nowMs ? tr`${name}, now` : name,
    detail: `${due.planned ? tr`planned` : tr`by its rhythm`} ${atIn(view)(due.atMs)}`,
  };
}

function chainTell(view: CulturesView): PlainTell {
  const [chain] = view.chains;
  if (chain === undefined)
    return { ask: tr`Carry-over`, says: tr`None`, detail: tr`no dough kept` };
  const detail =
    chain.endsMs === null ? tr`nothing left` : tr`keeps to ${atIn(view)(chain.endsMs)}`;
  return { ask: tr`Carry-over`, says: chain.culture.name, detail };
}

function discardTell({ discards, units }: CulturesView): PlainTell {
  const [jar] = discards;
  if (jar === undefined) return { ask: tr`Discard`, says: tr`None kept`, detail: tr`thrown away` };
  const { limitG, name } = jar.culture;
  const detail = limitG === null ? name : tr`of ${massText(limitG, units)} in ${name}`;
  return { ask: tr`Discard`, says: massText(jar.nowG, units), detail };
}

function backUpTell({ frozen }: CulturesView): PlainTell {
  const bags = frozen.filter((row) => row.cultureName !== null);
  const ask = tr`Back-up frozen`;
  if (bags.length === 0) return { ask, says: tr`None`, detail: tr`nothing to start again from` };
  const oldest = Math.max(...bags.map((row) => row.days));
  return {
    ask,
    says: `${bags.length} ${bags.length === 1 ? tr`bag` : tr`bags`}`,
    detail: tr`oldest ${oldest} days`,
  };
}

/** The tells of the header. */
export function CulturesTells({ view }: { view: CulturesView }) {
  return <TellsList tells={culturesTells(view)} />;
}
