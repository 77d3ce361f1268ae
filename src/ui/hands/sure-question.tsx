import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';

/** An amount far from the plan is asked about before it is written. */
export function SureQuestion(props: {
  question: string | undefined;
  busy?: boolean;
  onYes: () => void;
}) {
  const { question, busy, onYes } = props;
  if (question === undefined) return null;
  return (
    <Alert
      severity="warning"
      data-testid="sure"
      action={
        <Button color="inherit" onClick={onYes} disabled={busy ?? false}>
          {tr`Yes, write it`}
        </Button>
      }
    >
      {question}
    </Alert>
  );
}
