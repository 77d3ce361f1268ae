import { formFields, ReadyField } from '@/ui/fields/form-fields';
import { placeChoices } from '@/ui/fields/place-choices';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { toLocalText } from '@/core/units';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import { massText, momentText } from '@/ui/format';
import { WallTimeField } from '@/ui/fields/wall-time-field';
import type { FeedFields } from './feed-fields';

/** What is wanted: the hour, the grams, the place; and what of it is found. */
export function FeedWants(props: {
  facts: FeedFacts;
  fields: FeedFields;
  errors: Readonly<Record<string, string>>;
  onChange: (changed: Partial<FeedFields>) => void;
}) {
  const { facts, fields, errors, onChange } = props;
  const levain = fields.as === 'levain';
  const { figure, choice } = formFields(fields, errors, onChange);
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => event.preventDefault()}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr 1fr', md: 'auto repeat(5, minmax(0, 1fr))' },
        gap: 1.5,
        p: 2,
        pb: 1,
        alignItems: 'start',
      }}
    >
      <ToggleButtonGroup
        exclusive
        size="small"
        value={fields.as}
        aria-label="What is made"
        onChange={(_, as: FeedFields['as'] | null) => {
          if (as !== null) onChange({ as });
        }}
        sx={{ gridRow: { md: 'span 2' } }}
        orientation="vertical"
      >
        <ToggleButton value="feed" sx={{ minHeight: 48 }}>
          Feed it
        </ToggleButton>
        <ToggleButton value="levain" sx={{ minHeight: 48 }}>
          Levain
        </ToggleButton>
      </ToggleButtonGroup>
      <ReadyField
        value={fields.readyAt}
        error={errors['readyAt']}
        onChange={(readyAt) => onChange({ readyAt })}
      />
      {figure('need', 'Need', 'mass')}
      {levain ? <span /> : figure('keep', 'Keep', 'mass')}
      {choice('placeId', 'Stands at', placeChoices(facts.places, facts.nowMs, facts.units))}
      {choice('seeks', 'Find', [
        { id: 'ratio', name: 'the ratio' },
        { id: 'hour', name: 'the hour' },
        { id: 'place', name: 'the place' },
        { id: 'amount', name: 'the amount' },
      ])}
      {fields.seeks === 'hour' || fields.seeks === 'place'
        ? figure('ratio', 'Flour per 1 of starter')
        : choice('flourId', 'Flour', facts.flours)}
      {figure('hydrationPct', 'Water, %')}
      {choice(
        'fromLotId',
        'From',
        facts.jars.map((one) => ({
          id: one.jar.lot.id,
          name:
            one.plannedFor === null
              ? `the jar, ${massText(Math.round(one.massG), facts.units)}`
              : `the feed of ${momentText(one.plannedFor.madeAtMs, facts.nowMs, facts.timeZone)}`,
        })),
        (fromLotId) => onChange({ fromLotId, mixAt: null }),
      )}
      {fields.mixAt === null ? (
        <Button
          size="small"
          onClick={() => onChange({ mixAt: toLocalText(facts.nowMs, facts.timeZone) })}
        >
          Other time
        </Button>
      ) : (
        <WallTimeField
          label="Mixed at"
          value={fields.mixAt}
          onChange={(mixAt) => onChange({ mixAt })}
          error={errors['mixAt']}
        />
      )}
    </Box>
  );
}
