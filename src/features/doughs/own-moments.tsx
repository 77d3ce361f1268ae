import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Method, Moment } from '@/core/methods';
import { USUAL } from './usual-moments';
import { MomentRow } from './moment-row';

const MOST_MOMENTS = 12;

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
