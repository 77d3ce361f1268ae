'use client';

import { tr } from '@/words/tr';
import { ChoiceField } from '@/ui/fields/choice-field';
import Typography from '@mui/material/Typography';
import { addHours, toLocalText } from '@/core/units';
import type { LotView } from '@/server/lots/lot-view';
import { momentText, percentText } from '@/ui/format';
import { FigureField } from '@/ui/fields/figure-field';
import { SpanFields } from '@/ui/fields/span-fields';

export type As = 'as it is' | 'another service' | 'carry-over' | 'gone';

/** Where a part goes. */
export interface To {
  readonly placeId: string;
  readonly chainId: string;
  readonly flatMm: string;
  /** The service that balls are kept for, on the wall clock. */
  readonly service: { readonly readyFrom: string; readonly readyTo: string };
}

export const firstTo = (view: LotView): To => ({
  placeId: view.places[0]?.id ?? '',
  chainId: view.chains[0]?.id ?? '',
  flatMm: '',
  service: nextService(view),
});

/** The place of a part, and what else its way asks for. */
export function WhereTo(props: {
  view: LotView;
  as: As;
  to: To;
  change: (changed: Partial<To>) => void;
  wrong: Readonly<Record<string, string>>;
}) {
  const { view, as, to, change, wrong } = props;
  if (as === 'gone') return null;
  return (
    <>
      <ChoiceField
        label={tr`To`}
        value={to.placeId}
        options={view.places}
        onChange={(placeId) => change({ placeId })}
      />
      {as === 'another service' ? (
        <SpanFields
          {...to.service}
          wrong={wrong}
          onChange={(span) => change({ service: { ...to.service, ...span } })}
        />
      ) : null}
      {as === 'carry-over' ? (
        <ChoiceField
          label={tr`Chain`}
          value={to.chainId}
          options={[...view.chains, NO_CHAIN]}
          onChange={(chainId) => change({ chainId })}
        />
      ) : null}
      {as === 'another service' ? null : (
        <FigureField
          label={tr`Flat bag`}
          of="thickness"
          value={to.flatMm}
          onChange={(flatMm) => change({ flatMm })}
        />
      )}
    </>
  );
}

/** Beside a freezer that is chosen: whether now is the moment. */
export function FreezeLine({ view, as, placeId }: { view: LotView; as: As; placeId: string }) {
  const { freeze } = view;
  if (freeze === null || as === 'gone' || !freeze.placeIds.includes(placeId)) return null;
  return (
    <Typography variant="body2" data-testid="freeze-when">
      {freezeText(view, freeze)}
    </Typography>
  );
}

/** Whether now is the moment to freeze it, and when it is: "Best frozen until 11:40 …". */
function freezeText({ nowMs, units }: LotView, when: NonNullable<LotView['freeze']>): string {
  const { fromMs, untilMs, risenNow } = when;
  const at = (atMs: number) => momentText(atMs, nowMs, units.timeZone);
  const risen = tr`${percentText(risenNow, 0)} of its rise to its best now`;
  if (nowMs > untilMs) {
    return tr`Best frozen until ${at(untilMs)}; ${risen}: the more it holds, the more is lost in the thaw.`;
  }
  return fromMs !== null && nowMs < fromMs
    ? tr`Best frozen ${at(fromMs)} to ${at(untilMs)}, with its cells grown and food left; ${risen}.`
    : tr`Now is a good moment to freeze it, until ${at(untilMs)}; ${risen}.`;
}

const NO_CHAIN = {
  id: '',
  get name() {
    return tr`none`;
  },
};

/** Tomorrow at this hour, to the half hour, for three hours: what another service begins with. */
function nextService({ nowMs, units }: LotView): { readyFrom: string; readyTo: string } {
  const fromMs = Math.ceil(addHours(nowMs, 24) / HALF_MS) * HALF_MS;
  const text = (atMs: number) => toLocalText(atMs, units.timeZone).slice(0, 16);
  return { readyFrom: text(fromMs), readyTo: text(addHours(fromMs, 3)) };
}
const HALF_MS = 30 * 60_000;
