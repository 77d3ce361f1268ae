import { inSentence, tr } from '@/words/tr';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { MOMENT_WORKS, type Method, type Moment } from '@/core/methods';
import { ChoiceField } from '@/ui/fields/choice-field';
import { NumberBox } from '@/ui/fields/number-box';

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

const MOST_MOMENTS = 12;
/** What bakers do beside: chosen, each comes with its hour; every figure of it can be changed. */
const USUAL: readonly Moment[] = [
  {
    get name() {
      return tr`Heat the oven`;
    },
    from: 'service',
    afterMin: -90,
    handsMin: 2,
    work: null,
  },
  {
    get name() {
      return tr`Punch it down`;
    },
    from: 'balls',
    afterMin: -30,
    handsMin: 2,
    work: 'punch down',
  },
  {
    get name() {
      return tr`Ball it again`;
    },
    from: 'balls',
    afterMin: 180,
    handsMin: 10,
    work: 'ball again',
  },
  {
    get name() {
      return tr`Stretch on the tray`;
    },
    from: 'service',
    afterMin: -60,
    handsMin: 10,
    work: null,
  },
  {
    get name() {
      return tr`Stretch to the corners`;
    },
    from: 'service',
    afterMin: -30,
    handsMin: 5,
    work: null,
  },
  {
    get name() {
      return tr`Bake the bases first`;
    },
    from: 'service',
    afterMin: -20,
    handsMin: 10,
    work: null,
  },
];
const FIRST = USUAL[0] as Moment;

/** What else the hands do: each stands on the Tide, the hands’ list, the calendar and paper like any other step. */
export function OwnMoments(props: { method: Method; onChange: (method: Method) => void }) {
  const { method, onChange } = props;
  const { moments, target } = method;
  const pieces = target.by === 'products' ? target.products.map((one) => one.name) : [];
  const set = (next: Moment[]) => onChange({ ...method, moments: next });
  return (
    <Box component="section" aria-label={tr`Moments of your own`}>
      <Typography variant="h3">{tr`Moments of your own`}</Typography>
      {moments.length === 0 ? (
        <Typography variant="body2" color="text.secondary">
          {tr`Heating a stone, stretching on the tray, a punch-down: with their hour on every list.`}
        </Typography>
      ) : null}
      {moments.map((moment, index) => (
        <MomentRow
          key={index}
          moment={moment}
          index={index}
          pieces={pieces}
          onChange={(changed) => set(moments.map((one, i) => (i === index ? changed : one)))}
          onGone={() => set(moments.filter((_, i) => i !== index))}
        />
      ))}
      {moments.length < MOST_MOMENTS ? (
        <Button size="small" variant="text" sx={{ px: 0 }} onClick={() => set([...moments, FIRST])}>
          {tr`Another moment`}
        </Button>
      ) : null}
    </Box>
  );
}

function MomentRow(props: {
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
