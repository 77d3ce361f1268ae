import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Suspense, type ReactNode } from 'react';
import { ClockCap } from './clock-cap';
import { BackButton } from './link-button';
import { WHOLE_HEIGHT } from './bar-size';
import { WordsHere } from './words-here';

/** The frame every view but the Tide shares: name, menu, clock, then the view. */
export function ViewFrame(props: {
  title: string;
  subtitle: string;
  /** Now; null where the view is of another time. */
  clock: string | null;
  /** It is one of many: there is a way back to where it was opened. */
  back?: boolean;
  aside?: ReactNode;
  children: ReactNode;
}) {
  const { title, subtitle, clock, back, aside, children } = props;
  return (
    <Box sx={{ minHeight: WHOLE_HEIGHT, display: 'flex', flexDirection: 'column' }}>
      <Box
        component="header"
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          gap: 1.5,
          minHeight: 76,
          px: 2,
          py: 0.5,
          borderBottom: '2px solid var(--ink)',
        }}
      >
        {back === true ? <BackButton /> : null}
        <Box sx={{ minWidth: 0, flex: { xs: 1, md: back === true ? '0 1 auto' : '0 1 190px' } }}>
          <Typography variant="h1" noWrap>
            {title}
          </Typography>
          <Typography variant="body2" color="text.secondary" noWrap>
            {subtitle}
          </Typography>
        </Box>
        {clock === null ? null : <ClockCap text={clock} />}
        <WordsHere />
        {aside}
      </Box>
      <Box component="main" sx={{ flex: 1, display: 'flex', flexDirection: 'column' }}>
        <Suspense>{children}</Suspense>
      </Box>
    </Box>
  );
}
