import { inSentence, tr } from '@/words/tr';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { MOMENT_WORKS, type Moment } from '@/core/methods';
import { ChoiceField } from '@/ui/fields/choice-field';
import { NumberBox } from '@/ui/fields/number-box';
import { USUAL } from './usual-moments';

/** From where a moment is counted, and to which side. */
const WHEN = [
  {
    id: 'service before',
    get name() {
      return tr`before serving`;
    },
    from: 'service',
    side: -1,
  },
  {
    id: 'balls after',
    get name() {
      return tr`after balling`;
    },
    from: 'balls',
    side: 1,
  },
  {
    id: 'balls before',
    get name() {
      return tr`before balling`;
    },
    from: 'balls',
    side: -1,
  },
  {
    id: 'mix after',
    get name() {
      return tr`after mixing began`;
    },
    from: 'mix',
    side: 1,
  },
] as const;

export function MomentRow(props: {
  moment: Moment;
  index: number;
  /** What the dough is divided into. */
  pieces: readonly string[];
  onChange: (moment: Moment) => void;
  onGone: () => void;
}) {
  const { moment, index, pieces, onChange, onGone } = props;
  const side = moment.afterMin < 0 ? -1 : 1;
  const when =
    WHEN.find((one) => one.from === moment.from && one.side === side) ??
    WHEN.find((one) => one.from === moment.from) ??
    WHEN[0];
  return (
    <Box
      role="group"
      aria-label={moment.name}
      sx={{ display: 'grid', gridTemplateColumns: '0.8fr 1.2fr', gap: 1, mt: 1 }}
    >
      <Autocomplete
        freeSolo
        disableClearable
        openOnFocus
        options={USUAL.map((one) => one.name)}
        filterOptions={(names) => names}
        inputValue={moment.name}
        value={moment.name}
        onInputChange={(_, name, reason) => {
          if (reason === 'input') onChange({ ...moment, name });
        }}
        onChange={(_, name, reason) => {
          const usual = USUAL.find((one) => one.name === name);
          if (reason === 'selectOption' && usual !== undefined) onChange(usual);
        }}
        renderInput={(params) => (
          <TextField
            {...params}
            label={tr`What`}
            name={`moment-${index}`}
            slotProps={{
              ...params.slotProps,
              htmlInput: { ...params.slotProps.htmlInput, maxLength: 40 },
            }}
          />
        )}
      />
      <ChoiceField
        name={`moment-work-${index}`}
        label={tr`Does`}
        value={moment.work ?? ''}
        options={[
          { id: '', name: tr`nothing to the dough` },
          ...MOMENT_WORKS.map((work) => ({ id: work, name: WORK_NAMES[work] })),
        ]}
        onChange={(work) =>
          onChange({ ...moment, work: work === '' ? null : (work as NonNullable<Moment['work']>) })
        }
      />
      <NumberBox
        name={`moment-min-${index}`}
        label={tr`Minutes`}
        value={Math.abs(moment.afterMin)}
        onValue={(minutes) => onChange({ ...moment, afterMin: when.side * Math.abs(minutes) })}
      />
      <ChoiceField
        name={`moment-when-${index}`}
        label={tr`When`}
        value={when.id}
        options={WHEN}
        onChange={(id) => {
          const next = WHEN.find((one) => one.id === id) ?? when;
          onChange({
            ...moment,
            from: next.from,
            afterMin: next.side * Math.abs(moment.afterMin),
          });
        }}
      />
      <NumberBox
        name={`moment-hands-${index}`}
        label={tr`Hands, min`}
        value={moment.handsMin}
        onValue={(handsMin) => onChange({ ...moment, handsMin })}
      />
      {pieces.length > 1 && moment.work !== null ? (
        <ChoiceField
          name={`moment-of-${index}`}
          label={tr`Of`}
          value={moment.of !== undefined && pieces.includes(moment.of) ? moment.of : ''}
          options={[
            { id: '', name: tr`all of it` },
            ...pieces.map((name) => ({ id: name, name: tr`${inSentence(name)} alone` })),
          ]}
          onChange={(of) => {
            const { name, from, afterMin, handsMin, work } = moment;
            onChange({ name, from, afterMin, handsMin, work, ...(of === '' ? {} : { of }) });
          }}
        />
      ) : null}
      <Button size="small" variant="text" sx={{ alignSelf: 'end' }} onClick={onGone}>
        {tr`Without it`}
        <span className="visually-hidden">: {moment.name}</span>
      </Button>
    </Box>
  );
}

const WORK_NAMES: Readonly<Record<(typeof MOMENT_WORKS)[number], string>> = {
  get fold() {
    return tr`folds it`;
  },
  get 'punch down'() {
    return tr`punches it down`;
  },
  get 'ball again'() {
    return tr`balls it again`;
  },
};
