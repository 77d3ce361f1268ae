import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { Method } from '@/core/methods';
import { ChoiceField } from '@/ui/fields/choice-field';
import { NumberBox } from '@/ui/fields/number-box';

type Step = Method['mix']['steps'][number];

const SPEEDS: readonly { readonly id: Step['speed']; readonly name: string }[] = [
  {
    id: 'slow',
    get name() {
      return tr`slow`;
    },
  },
  {
    id: 'fast',
    get name() {
      return tr`fast`;
    },
  },
  {
    id: 'hand',
    get name() {
      return tr`by hand`;
    },
  },
  {
    id: 'rest',
    get name() {
      return tr`rest`;
    },
  },
];
const MOST_STEPS = 8;
const ANOTHER: Step = {
  get name() {
    return tr`Pause`;
  },
  speed: 'rest',
  minutes: 10,
};

/** The steps of a mix in their order, each with its speed and its minutes: a machine’s programme, or hands and pauses. */
export function MixSteps(props: { steps: readonly Step[]; set: (steps: Step[]) => void }) {
  const { steps, set } = props;
  const change = (index: number, changed: Partial<Step>) =>
    set(steps.map((one, i) => (i === index ? { ...one, ...changed } : one)));
  return (
    <Box role="group" aria-label={tr`Steps of the mix`} sx={{ mt: 1 }}>
      {steps.map((step, index) => (
        <StepLine key={index} index={index} step={step} onChange={change} />
      ))}
      {steps.length < MOST_STEPS ? (
        <Button size="small" variant="text" sx={{ px: 0 }} onClick={() => set([...steps, ANOTHER])}>
          {tr`Then another step`}
        </Button>
      ) : null}
      {steps.length > 1 ? (
        <Button size="small" variant="text" onClick={() => set(steps.slice(0, -1))}>
          {tr`Without the last`}
        </Button>
      ) : null}
    </Box>
  );
}

function StepLine({
  index,
  step,
  onChange,
}: {
  index: number;
  step: Step;
  onChange: (index: number, changed: Partial<Step>) => void;
}) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1.6fr 1fr 0.8fr', gap: 1, mt: 0.5 }}>
      <TextField
        label={tr`Step ${index + 1}`}
        name={`step-name-${index}`}
        value={step.name}
        onChange={(event) => onChange(index, { name: event.target.value })}
        slotProps={{ htmlInput: { maxLength: 30 } }}
      />
      <ChoiceField
        name={`step-speed-${index}`}
        label={tr`How`}
        value={step.speed}
        options={SPEEDS}
        onChange={(speed) => onChange(index, { speed: speed as Step['speed'] })}
      />
      <NumberBox
        name={`step-${index}`}
        label={tr`min`}
        value={step.minutes}
        onValue={(minutes) => onChange(index, { minutes })}
      />
    </Box>
  );
}
