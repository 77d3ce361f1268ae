import { ReadyField } from '@/ui/panel-parts';
import { placeChoices } from '@/ui/place-choices';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { toLocalText } from '@/core/units';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import { momentText } from '@/ui/format';
import { WallTimeField } from '@/ui/wall-time-field';
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
  const number = (field: 'need' | 'keep' | 'ratio' | 'hydrationPct', label: string) => (
    <TextField
      name={field}
      label={label}
      value={fields[field]}
      onChange={(event) => onChange({ [field]: event.target.value })}
      error={errors[field] !== undefined}
      slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9 } }}
    />
  );
  const select = (
    field: 'placeId' | 'flourId' | 'fromLotId' | 'seeks',
    label: string,
    options: readonly { readonly id: string; readonly name: string }[],
  ) => (
    <TextField
      select
      name={field}
      label={label}
      value={fields[field]}
      slotProps={{ select: { native: true } }}
      onChange={(event) =>
        onChange({ [field]: event.target.value, ...(field === 'fromLotId' ? { mixAt: null } : {}) })
      }
    >
      {options.map((one) => (
        <option key={one.id} value={one.id}>
          {one.name}
        </option>
      ))}
    </TextField>
  );
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
      {number('need', 'Need, g')}
      {levain ? <span /> : number('keep', 'Keep, g')}
      {select('placeId', 'Stands at', placeChoices(facts.places, facts.nowMs, facts.units))}
      {select('seeks', 'Find', [
        { id: 'ratio', name: 'the ratio' },
        { id: 'hour', name: 'the hour' },
        { id: 'place', name: 'the place' },
        { id: 'amount', name: 'the amount' },
      ])}
      {fields.seeks === 'hour' || fields.seeks === 'place'
        ? number('ratio', 'Flour to 1 of mother')
        : select('flourId', 'Flour', facts.flours)}
      {number('hydrationPct', 'Water, %')}
      {select(
        'fromLotId',
        'From',
        facts.jars.map((one) => ({
          id: one.jar.lot.id,
          name:
            one.plannedFor === null
              ? `the jar, ${Math.round(one.massG)} g`
              : `the feed of ${momentText(one.plannedFor.madeAtMs, facts.nowMs, facts.timeZone)}`,
        })),
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
