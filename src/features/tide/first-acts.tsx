import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Moment } from '@/server/tide';
import { ToCard } from './to-card';

/** What the hands can do with the next moment: have it done now, at another time, on its card. */
export function FirstActs(props: { moment: Moment; onDone: () => void; onOpen: () => void }) {
  const { moment, onDone, onOpen } = props;
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: 0.5,
        mt: 0.25,
        position: 'relative',
        zIndex: 1,
      }}
    >
      <DoneNow onDone={onDone} />
      <Button
        size="small"
        variant="text"
        color="inherit"
        onClick={onOpen}
        sx={{ px: 0.75, minWidth: 0, textDecoration: 'underline', whiteSpace: 'nowrap' }}
      >
        {tr`Other time`}
      </Button>
      <ToCard moment={moment} />
    </Box>
  );
}

function DoneNow({ onDone }: { onDone: () => void }) {
  return (
    <Button
      size="small"
      variant="contained"
      color="inherit"
      onClick={onDone}
      aria-keyshortcuts="d"
      sx={{
        flex: '1 0 auto',
        px: 1.5,
        background: 'var(--paper)',
        color: 'var(--ink)',
        whiteSpace: 'nowrap',
      }}
    >
      {tr`Done now`}
    </Button>
  );
}
