import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { rem } from './rem';

/** An answer of a header: what is asked, what it says, and in small what is behind it. */
export interface PlainTell {
  readonly ask: string;
  readonly says: string;
  readonly detail: string;
}

/** The tells of a view’s header, up to five beside each other. */
export function TellsList({ tells }: { tells: readonly PlainTell[] }) {
  return (
    <Box
      component="ul"
      sx={{
        flex: { xs: '1 0 100%', md: 1 },
        minWidth: 0,
        m: 0,
        p: 0,
        listStyle: 'none',
        display: 'grid',
        gridTemplateColumns: { xs: '1fr 1fr', md: `repeat(${tells.length}, minmax(0, 1fr))` },
      }}
    >
      {tells.map((tell) => (
        <Box
          component="li"
          key={tell.ask}
          sx={{ borderLeft: '2px solid var(--line)', px: 1.25, minWidth: 0 }}
        >
          <Typography variant="caption" component="p" color="text.secondary">
            {tell.ask}
          </Typography>
          <Typography className="name" noWrap sx={{ fontSize: rem(20), lineHeight: 1.15 }}>
            {tell.says}
          </Typography>
          <Typography variant="caption" component="p" noWrap>
            {tell.detail}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
