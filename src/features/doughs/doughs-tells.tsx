import { inSentence, tr } from '@/words/tr';
import type { DoughFacts } from '@/shop/doughs/facts';
import type { MethodAnswer } from '@/shop/doughs/method-answer';

import { decimals, lengthText, massText } from '@/ui/format';
import { TellsList, type PlainTell } from '@/ui/tells-list';
import type { DoughColumns } from '@/core/formula';
import type { Method } from '@/core/methods';

/** What a dough says at a glance: what it makes, its true water and salt, what is fermented before, whether the flour lasts. */
export function DoughsTells(props: {
  method: Method;
  columns: DoughColumns | null;
  answer: MethodAnswer | null;
  facts: DoughFacts;
}) {
  return <TellsList tells={doughTells(props)} />;
}

function doughTells(props: Parameters<typeof DoughsTells>[0]): PlainTell[] {
  const { method, columns, answer, facts } = props;
  const { dough } = method;
  const brought = columns?.leavens.reduce((sum, one) => sum + (one.composition['salt'] ?? 0), 0);
  const finalFlourG =
    columns?.rows
      .filter((row) => facts.pantry.get(row.ingredientId)?.kind === 'flour')
      .reduce((sum, row) => sum + row.finalG, 0) ?? 0;
  const finalWaterG = columns?.rows.find((row) => row.ingredientId === 'water')?.finalG ?? 0;
  const before = dough.leavens.reduce((sum, one) => sum + one.flourShare, 0);
  return [
    makes(method, columns, facts),
    {
      ask: tr`Water, really`,
      says: `${decimals(dough.hydration * 100, 1)} %`,
      detail: tr`final mix alone ${finalFlourG > 0 ? decimals((100 * finalWaterG) / finalFlourG, 1) : '–'} %`,
    },
    {
      ask: tr`Salt, really`,
      says: `${decimals(dough.saltShare * 100, 2)} %`,
      detail:
        brought !== undefined && brought > 0.5
          ? tr`${massText(Math.round(brought), facts.units)} come with the leaven`
          : tr`all of it weighed in`,
    },
    {
      ask: tr`Fermented before`,
      says: tr`${decimals(before * 100, 0)} % of flour`,
      detail: dough.leavens.map((one) => one.name).join(tr` and `) || tr`no leaven`,
    },
    lasts(answer),
  ];
}

function makes(method: Method, columns: DoughColumns | null, { units }: DoughFacts): PlainTell {
  const { target } = method;
  const all = columns === null ? '' : tr`${massText(columns.wholeG, units)} of dough`;
  if (target.by === 'products') {
    const [first, ...others] = target.products;
    const says = first === undefined ? '–' : `${first.count} × ${massText(first.weightG, units)}`;
    const more = others.map((one) => `${one.count} ${inSentence(one.name)}`).join(', ');
    return { ask: tr`Makes, held`, says, detail: more === '' ? all : tr`and ${more}` };
  }
  if (target.by === 'diameter') {
    return {
      ask: tr`Makes, held`,
      says: `${target.count} × ${lengthText(target.diameterCm, units)}`,
      detail: all,
    };
  }
  if (target.by === 'tray') {
    return {
      ask: tr`Makes, held`,
      says: `${target.count} ${target.count === 1 ? tr`tray` : tr`trays`}`,
      detail: all,
    };
  }
  return { ask: tr`Makes`, says: all || '–', detail: tr`from what is there` };
}

function lasts(answer: MethodAnswer | null): PlainTell {
  const ask = tr`Flour lasts?`;
  if (answer === null || answer.kind !== 'plan')
    return { ask, says: '…', detail: tr`planned first` };
  const { usedH, lastsH, verdict } = answer.endurance;
  const sign = verdict === 'lasts' ? ' ✓' : '';
  const words = {
    lasts: '',
    'too strong': tr`springs back`,
    doubtful: 'doubtful',
    'too weak': tr`too weak`,
  };
  return {
    ask,
    says: tr`${decimals(usedH, 0)} of ${decimals(lastsH, 0)} h${sign}`,
    detail: words[verdict] || `W ${Math.round(answer.blend.strengthW)}`,
  };
}
