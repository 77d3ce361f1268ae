import { placeChoices } from '@/ui/place-choices';
import Box from '@mui/material/Box';
import type { ChainFacts } from '@/server/cultures/chain-facts';
import { decimals, massText } from '@/ui/format';

import { ChoiceField, FieldRow, FigureField, ReadyField } from '@/ui/panel-parts';
import type { RefreshFields } from './refresh-fields';

/** What is wanted of a refresh: from which leftover, how much, when, and what it is held at. */
export function ChainWants(props: {
  facts: ChainFacts;
  fields: RefreshFields;
  errors: Readonly<Record<string, string>>;
  onChange: (changed: Partial<RefreshFields>) => void;
}) {
  const { facts, fields, errors, onChange } = props;
  const figure = (name: keyof RefreshFields, label: string) => (
    <FigureField
      name={name}
      label={label}
      value={fields[name]}
      error={errors[name]}
      onChange={(value) => onChange({ [name]: value })}
    />
  );
  const choice = (
    name: keyof RefreshFields,
    label: string,
    options: readonly { readonly id: string; readonly name: string }[],
  ) => (
    <ChoiceField
      name={name}
      label={label}
      value={fields[name]}
      options={options}
      onChange={(value) => onChange({ [name]: value })}
    />
  );
  return (
    <FieldRow columns={8}>
      <Box sx={{ gridColumn: { md: 'span 3' }, display: 'grid' }}>
        <ChoiceField
          name="fromLotId"
          label="Leftover"
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
      {choice('fixed', 'Made from', [
        { id: 'leftover', name: 'leftover' },
        { id: 'dough', name: 'balls' },
      ])}
      {fields.fixed === 'leftover' ? figure('leftoverG', 'Of it, g') : figure('balls', 'Balls')}
      {figure('ballG', 'Each, g')}
      {figure('weighsG', 'Weighs now, g')}
      {choice('seeks', 'Find', [
        { id: 'share', name: 'the share' },
        { id: 'hour', name: 'the hour' },
      ])}
      {fields.seeks === 'share' ? (
        <ReadyField
          value={fields.readyAt}
          error={errors['readyAt']}
          onChange={(readyAt) => onChange({ readyAt })}
        />
      ) : (
        <Box sx={{ gridColumn: { md: 'span 2' }, display: 'grid' }}>
          {figure('sharePct', 'Share, %')}
        </Box>
      )}
      <Box sx={{ gridColumn: { md: 'span 2' }, display: 'grid' }}>
        {choice('placeId', 'Stands at', placeChoices(facts.places, facts.nowMs, facts.units))}
      </Box>
      {figure('hydrationPct', 'Water, %')}
      {figure('saltPct', 'Salt, %')}
      {figure('oilPct', 'Oil, %')}
      {choice('flourId', 'New flour', facts.flours)}
    </FieldRow>
  );
}
