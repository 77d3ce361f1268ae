'use client';

import { tr } from '@/words/tr';
import { placeChoices } from '@/ui/fields/place-choices';
import Box from '@mui/material/Box';
import { useCallback } from 'react';
import type { DiscardDough } from '@/core/cultures';
import { fromLocalText } from '@/core/units';
import type { DiscardFacts, Layer } from '@/server/cultures/discard-facts';
import { decimals, massText, momentText, spanText } from '@/ui/format';
import { newBatch } from '@/ui/hands/use-act';
import { LinkButton } from '@/ui/link-button';
import type { CultureActions } from './culture-actions';
import { Layers } from './discard-layers';
import { checkDiscard, firstDiscard, type DiscardFields } from './discard-fields';
import { HoursCurve } from './hours-curve';
import { mixMade } from './made-of';
import { useWish } from './use-wish';
import { WishPanel } from './wish-panel';
import { ActButton, FieldRow, Finding } from '@/ui/panels/panel-parts';
import { formFields, ReadyField } from '@/ui/fields/form-fields';
import { figureOf, Weigh } from './discard-weigh';

/** A discard jar: its layers with their age and state, and a dough that takes some of it. */
export function DiscardPanel({ facts, actions }: { facts: DiscardFacts; actions: CultureActions }) {
  const { culture, units, layers } = facts;
  const check = useCallback((typed: DiscardFields) => checkDiscard(typed, facts), [facts]);
  const wish = useWish('discardDough', { first: () => firstDiscard(facts), check }, actions);
  const { fields, busy, run } = wish;
  const isEmpty = layers.length === 0;
  const take = (found: DiscardDough) =>
    wish.take(
      {
        wish: 'make',
        tense: 'done',
        makes: [{ as: 'dough', name: fields.name, ...mixMade(found.act) }],
      },
      () => tr`${fields.name}: mixed.`,
    );
  return (
    <WishPanel
      wish={isEmpty ? NOTHING_SOUGHT : wish}
      head={{
        title: tr`${culture.name}, used`,
        says: isEmpty
          ? tr`Nothing is in it. What is left of a fed jar is collected here.`
          : tr`Its flour, water and acid count in any dough; the oldest layer goes first.`,
      }}
      wants={
        <>
          <Layers
            facts={facts}
            busy={busy}
            onThrow={(layer) => throwAway(layer, { run, actions, units })}
          />
          {isEmpty ? null : (
            <DiscardWants
              facts={facts}
              fields={fields}
              errors={wish.errors}
              onChange={wish.change}
            />
          )}
        </>
      }
      waits={isEmpty ? null : tr`Working it out…`}
      found={(dough, width) => (
        <>
          <Finding
            figure={figureOf(dough, facts)}
            act={
              <ActButton
                title={tr`Mixed now`}
                under={tr`${massText(dough.totalG, units)}, ${fields.balls} balls`}
                glyph="mix"
                disabled={busy}
                onAct={() => take(dough)}
              />
            }
          >
            {verdictOf(dough, facts)}
          </Finding>
          <HoursCurve
            sheet={dough}
            label={tr`Level of the dough over the hours to come`}
            readyMs={fromLocalText(fields.readyAt, units.timeZone)}
            nowMs={facts.nowMs}
            timeZone={units.timeZone}
            width={width}
            height={140}
          />
          <Box sx={{ px: 2, py: 1 }}>
            <Weigh dough={dough} facts={facts} fields={fields} />
          </Box>
        </>
      )}
    >
      <Box sx={{ px: 2, pb: 2 }}>
        <LinkButton href={`/cultures/${encodeURIComponent(culture.id)}/edit`} variant="text">
          {tr`Change how it is described`}
        </LinkButton>
      </Box>
    </WishPanel>
  );
}

/** Of an empty jar nothing is found, and nothing about it is wrong. */
const NOTHING_SOUGHT = { wrong: null, answer: null } as const;

function DiscardWants(props: {
  facts: DiscardFacts;
  fields: DiscardFields;
  errors: Readonly<Record<string, string>>;
  onChange: (changed: Partial<DiscardFields>) => void;
}) {
  const { facts, fields, errors, onChange } = props;
  const { figure, choice } = formFields(fields, errors, onChange);
  return (
    <FieldRow columns={6}>
      {figure('name', tr`Dough`)}
      {figure('discardG', tr`Discard`, 'mass')}
      {choice('use', tr`Raised by`, [
        { id: 'flavour', name: tr`yeast, found` },
        { id: 'leaven', name: tr`the discard alone` },
      ])}
      {figure('balls', tr`Balls`)}
      {figure('ballG', tr`Each`, 'mass')}
      {choice('flourId', tr`Flour`, facts.flours)}
      <ReadyField
        label={tr`Ready to ball at`}
        value={fields.readyAt}
        error={errors['readyAt']}
        onChange={(readyAt) => onChange({ readyAt })}
      />
      {choice('placeId', tr`Stands at`, placeChoices(facts.places, facts.nowMs, facts.units))}
      {figure('hydrationPct', tr`Water, %`)}
      {figure('saltPct', tr`Salt, %`)}
      {figure('oilPct', tr`Oil, %`)}
    </FieldRow>
  );
}

function throwAway(
  { jar, massG }: Layer,
  by: {
    run: ReturnType<typeof useWish>['run'];
    actions: CultureActions;
    units: DiscardFacts['units'];
  },
): void {
  by.run(
    () => by.actions.takePart({ lotId: jar.lot.id, batch: newBatch(), as: 'gone', massG }),
    () => tr`${jar.lot.id}: ${massText(massG, by.units)} thrown away.`,
  );
}

function verdictOf(dough: DiscardDough, facts: DiscardFacts): string {
  const { nowMs, units } = facts;
  const ms = dough.window.bestMs ?? dough.window.opensMs;
  const { flourG, waterG, ph } = dough.brings;
  const brings = tr`The discard brings ${massText(flourG, units)} flour and ${massText(waterG, units)} water at about pH ${decimals(ph, 1)}.`;
  if (ms === null) return tr`It does not rise there by then: warmer, or with yeast. ${brings}`;
  const missed =
    dough.missedH === null || Math.abs(dough.missedH) < 0.1
      ? ''
      : tr`, ${spanText(dough.missedH * 3_600_000)} ${dough.missedH < 0 ? tr`before` : tr`after`} the hour`;
  const bound =
    dough.bound === 'too early'
      ? tr` The discard alone is sooner than that.`
      : dough.bound === 'too late'
        ? tr` Even 3 % of yeast is later than that.`
        : '';
  return tr`Ready to ball at ${momentText(ms, nowMs, units.timeZone)}${missed}.${bound} ${brings}`;
}
