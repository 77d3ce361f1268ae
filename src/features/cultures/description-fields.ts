import { tr } from '@/words/tr';
import type { CultureKind } from '@/core/cultures';
import type { DescribingFacts } from '@/server/cultures/describing-facts';
import { tempText } from '@/ui/format';
import type { Description } from './description';

/** One field of a culture’s description. */
export interface DescriptionField {
  readonly name: keyof Description;
  readonly label: string;
  /** What can be chosen; left out: typed. */
  readonly options?: readonly { readonly id: string; readonly name: string }[];
}

type For = 'starter' | 'carry-over' | 'discard';

/** Each field, and the kinds it belongs to. */
const fields = (): readonly (readonly [keyof Description, string, readonly For[]])[] => [
  ['name', tr`Name`, ['starter', 'carry-over', 'discard']],
  ['hydrationPct', tr`Water, % of flour`, ['starter', 'carry-over']],
  ['saltPct', tr`Salt held at, %`, ['carry-over']],
  ['flourId', tr`Flour`, ['starter', 'carry-over', 'discard']],
  ['secondFlourId', tr`Second flour`, ['starter']],
  ['secondPct', tr`Of the second, %`, ['starter']],
  ['keepG', tr`Mother to keep`, ['starter']],
  ['placeId', tr`Home`, ['starter', 'carry-over', 'discard']],
  ['vesselTareG', tr`Empty vessel`, ['starter', 'carry-over', 'discard']],
  ['vesselMl', tr`Vessel, ml`, ['starter', 'carry-over', 'discard']],
  ['everyH', tr`Fed every, h`, ['starter', 'carry-over']],
  ['usualRatio', tr`Flour per 1 of starter`, ['starter']],
  ['discardTo', tr`Discard`, ['starter']],
  ['keepsDays', tr`Keeps, days`, ['carry-over', 'discard']],
  ['limitG', tr`Holds at most`, ['carry-over', 'discard']],
];

/** The fields of a kind, with what can be chosen. */
export function fieldsOf(kind: CultureKind, facts: DescribingFacts): DescriptionField[] {
  const as: For = kind === 'carry-over' || kind === 'discard' ? kind : 'starter';
  const { flours, places, discardJars, units } = facts;
  const options: Partial<Record<keyof Description, DescriptionField['options']>> = {
    flourId: flours,
    secondFlourId: [{ id: '', name: tr`none` }, ...flours],
    placeId: places.map((place) => ({
      id: place.id,
      name: `${place.name} ${tempText(place.tempC, units, 0)}`,
    })),
    discardTo: [{ id: '', name: tr`throw away` }, ...discardJars],
  };
  return fields()
    .filter(([, , kinds]) => kinds.includes(as))
    .map(([name, label]) => {
      const chosen = options[name];
      return { name, label, ...(chosen === undefined ? {} : { options: chosen }) };
    });
}
