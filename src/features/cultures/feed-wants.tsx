import { tr } from '@/words/tr';
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
import type { FeedFields } from './first-feed-fields';

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
        aria-label={tr`What is made`}
        onChange={(_, as: FeedFields['as'] | null) => {
          if (as !== null) onChange({ as });
        }}
        sx={{ gridRow: { md: 'span 2' } }}
        orientation="vertical"
      >
        <ToggleButton value="feed" sx={{ minHeight: 48 }}>
          {tr`Feed it`}
        </ToggleButton>
        <ToggleButton value="levain" sx={{ minHeight: 48 }}>
          {tr`Levain`}
        </ToggleButton>
      </ToggleButtonGroup>
      <ReadyField
        value={fields.readyAt}
        error={errors['readyAt']}
        onChange={(readyAt) => onChange({ readyAt })}
      />
      {figure('need', tr`Need`, 'mass')}
      {levain ? <span /> : figure('keep', tr`Keep`, 'mass')}
      {choice('placeId', tr`Stands at`, placeChoices(facts.places, facts.nowMs, facts.units))}
      {choice('seeks', tr`Find`, [
        { id: 'ratio', name: tr`the ratio` },
        { id: 'hour', name: tr`the hour` },
        { id: 'place', name: tr`the place` },
        { id: 'amount', name: tr`the amount` },
      ])}
      {fields.seeks === 'hour' || fields.seeks === 'place'
        ? figure('ratio', tr`Flour per 1 of starter`)
        : choice('flourId', tr`Flour`, facts.flours)}
      {figure('hydrationPct', tr`Water, %`)}
      {choice(
        'fromLotId',
        tr`From`,
        facts.jars.map((one) => ({
          id: one.jar.lot.id,
          name:
            one.plannedFor === null
              ? tr`the jar, ${massText(Math.round(one.massG), facts.units)}`
              : tr`the feed of ${momentText(one.plannedFor.madeAtMs, facts.nowMs, facts.timeZone)}`,
        })),
        (fromLotId) => onChange({ fromLotId, mixAt: null }),
      )}
      {fields.mixAt === null ? (
        <Button
          size="small"
          onClick={() => onChange({ mixAt: toLocalText(facts.nowMs, facts.timeZone) })}
        >
          {tr`Other time`}
        </Button>
      ) : (
        <WallTimeField
          label={tr`Mixed at`}
          value={fields.mixAt}
          onChange={(mixAt) => onChange({ mixAt })}
          error={errors['mixAt']}
        />
      )}
    </Box>
  );
}
