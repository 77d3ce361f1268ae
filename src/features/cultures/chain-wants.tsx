import { tr } from '@/words/tr';
import { placeChoices } from '@/ui/fields/place-choices';
import Box from '@mui/material/Box';
import type { ChainFacts } from '@/server/cultures/chain-facts';
import { decimals, massText } from '@/ui/format';

import { FieldRow } from '@/ui/panels/panel-parts';
import { ChoiceField } from '@/ui/fields/choice-field';
import { formFields, ReadyField } from '@/ui/fields/form-fields';
import type { RefreshFields } from './refresh-fields';

/** What is wanted of a refresh: from which leftover, how much, when, and what it is held at. */
export function ChainWants(props: {
  facts: ChainFacts;
  fields: RefreshFields;
  errors: Readonly<Record<string, string>>;
  onChange: (changed: Partial<RefreshFields>) => void;
}) {
  const { facts, fields, errors, onChange } = props;
  const { figure, choice } = formFields(fields, errors, onChange);
  return (
    <FieldRow columns={8}>
      <Box sx={{ gridColumn: { md: 'span 3' }, display: 'grid' }}>
        <ChoiceField
          name="fromLotId"
          label={tr`Leftover`}
          value={fields.fromLotId}
          options={facts.offers.map((one) => ({
            id: one.jar.lot.id,
            name: `${one.name} ${one.jar.lot.id}, ${massText(one.massG, facts.units)}, ${decimals(one.days, 1)} d`,
          }))}
          onChange={(fromLotId) => {
            const offer = facts.offers.find((one) => one.jar.lot.id === fromLotId);
            onChange({ fromLotId, leftoverG: String(Math.round(offer?.massG ?? 0)), weighsG: '' });
          }}
        />
      </Box>
      {choice('fixed', tr`Made from`, [
        { id: 'leftover', name: tr`leftover` },
        { id: 'dough', name: tr`balls` },
      ])}
      {fields.fixed === 'leftover'
        ? figure('leftoverG', tr`Of it`, 'mass')
        : figure('balls', tr`Balls`)}
      {figure('ballG', tr`Each`, 'mass')}
      {figure('weighsG', tr`Weighs now`, 'mass')}
      {choice('seeks', tr`Find`, [
        { id: 'share', name: tr`the share` },
        { id: 'hour', name: tr`the hour` },
      ])}
      {fields.seeks === 'share' ? (
        <ReadyField
          value={fields.readyAt}
          error={errors['readyAt']}
          onChange={(readyAt) => onChange({ readyAt })}
        />
      ) : (
        figure('sharePct', tr`Share, %`)
      )}
      <Box sx={{ gridColumn: { md: 'span 2' }, display: 'grid' }}>
        {choice('placeId', tr`Stands at`, placeChoices(facts.places, facts.nowMs, facts.units))}
      </Box>
      {figure('hydrationPct', tr`Water, %`)}
      {figure('saltPct', tr`Salt, %`)}
      {figure('oilPct', tr`Oil, %`)}
      <Box
        sx={{ gridColumn: { md: fields.seeks === 'share' ? 'span 1' : 'span 2' }, display: 'grid' }}
      >
        {choice('flourId', tr`New flour`, facts.flours)}
      </Box>
    </FieldRow>
  );
}
