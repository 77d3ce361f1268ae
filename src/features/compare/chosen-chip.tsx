import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { LetterBadge } from './letters';

/** One of the things that lie side by side, with its letter, to be left out again. */
export function ChosenChip(props: {
  index: number;
  head: string;
  detail: string;
  /** What leaving it out is called. */
  leaveOut: string;
  onLeaveOut: () => void;
}) {
  const { index, head, detail, leaveOut, onLeaveOut } = props;
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 0.75,
        border: '2px solid var(--line)',
        borderRadius: '10px 20px 20px 10px',
        background: 'var(--paper)',
        pl: 1,
      }}
    >
      <LetterBadge index={index} />
      <Box>
        <Typography className="name" sx={{ fontWeight: 700, lineHeight: 1.15 }}>
          {head}
        </Typography>
        <Typography variant="body2" sx={{ lineHeight: 1.15 }}>
          {detail}
        </Typography>
      </Box>
      <IconButton aria-label={leaveOut} onClick={onLeaveOut}>
        <Close />
      </IconButton>
    </Box>
  );
}
