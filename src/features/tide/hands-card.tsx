'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Moment, TideView } from '@/server/tide';
import { clockText, momentText } from '@/ui/format';
import { GlyphDisc } from '@/ui/marks/glyphs';
import { CardLines } from './card-lines';
import { isAtPeak, offPeakText } from './layout/tells';
import { FirstActs } from './first-acts';
import { rem } from '@/ui/rem';

/** One act of the strip: when, what, how much, and where to. */
export function HandsCard(props: {
  moment: Moment;
  view: TideView;
  nowMs: number;
  first: boolean;
  onDone: () => void;
  onOpen: () => void;
}) {
  const { moment, view, nowMs, first, onDone, onOpen } = props;
  const late = nowMs - moment.plannedMs > 60_000;
  return (
    <Box
      component="li"
      sx={{
        position: 'relative',
        display: 'flex',
        flexDirection: 'column',
        borderTop: first ? 'none' : '4px solid var(--line)',
        borderRadius: '4px 4px 26px 10px',
        background: first ? 'var(--ink)' : 'var(--paper)',
        color: first ? 'var(--paper)' : 'var(--ink)',
        '--disc': first ? 'var(--paper)' : 'var(--ink)',
        '--disc-mark': first ? 'var(--ink)' : 'var(--paper)',
        p: 1.25,
        pb: 1,
        minWidth: 0,
        overflow: 'hidden',
      }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, rowGap: 0 }}>
        <GlyphDisc name={moment.glyph} size={30} />
        <Typography component="span" sx={{ fontSize: rem(25), fontWeight: 700, lineHeight: 1.1 }}>
          {clockText(moment.plannedMs, view.units.timeZone)}
        </Typography>
        <Typography component="span" variant="caption" noWrap sx={{ ml: 'auto', opacity: 0.85 }}>
          {late ? tr`due` : dayAndHands(moment, nowMs, view)}
        </Typography>
      </Box>
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'baseline',
          columnGap: 1,
          mt: 0.5,
          minWidth: 0,
        }}
      >
        <Typography variant="h3" component="p" noWrap sx={{ flex: 'none', maxWidth: '100%' }}>
          {moment.title}
        </Typography>
        {first ? (
          <Typography variant="caption" noWrap sx={{ minWidth: 0, opacity: 0.85 }}>
            {whereText(moment)}
          </Typography>
        ) : null}
      </Box>
      <Box sx={{ flex: 1, mt: 0.25, minHeight: 0 }}>
        <CardLines moment={moment} units={view.units} />
      </Box>
      {first ? (
        <FirstActs moment={moment} onDone={onDone} onOpen={onOpen} />
      ) : (
        <Typography variant="caption" sx={{ color: 'var(--ink2)', lineHeight: 1.25 }}>
          {[peakText(moment), whereText(moment)]
            .filter((text) => text !== '')
            .map((text) => (
              <Box component="span" key={text} sx={CLIPPED}>
                {text}
              </Box>
            ))}
        </Typography>
      )}
      {first ? null : (
        <Button
          aria-label={tr`Open ${moment.title}`}
          onClick={onOpen}
          sx={{
            position: 'absolute',
            inset: 0,
            opacity: 0,
            minHeight: 0,
            '&:focus-visible': { opacity: 0.35 },
          }}
        />
      )}
    </Box>
  );
}

/** On which other day, and whose it is; below the hour where there is no room beside it. */
const dayAndHands = (moment: Moment, nowMs: number, view: TideView): string =>
  [dayOf(moment, nowMs, view), moment.by ?? ''].filter((text) => text !== '').join(' · ');

function dayOf(moment: Moment, nowMs: number, view: TideView): string {
  const text = momentText(moment.plannedMs, nowMs, view.units.timeZone);
  return text.includes(' ') ? (text.split(' ')[0] ?? '') : '';
}

/** Two lines at most, cut where its card ends. */
const CLIPPED = {
  display: '-webkit-box',
  WebkitBoxOrient: 'vertical',
  WebkitLineClamp: '2',
  overflow: 'hidden',
} as const;

/** In what, how warm, and where to: "Spiral, dough 24°, then Bench". */
function whereText({ vessel, foot }: Moment): string {
  return [vessel, foot].filter((text) => text !== null && text !== '').join(', ');
}

function peakText(moment: Moment): string {
  if (moment.offPeakMinutes === null) return '';
  return `${isAtPeak(moment) ? tr`ripe ✓ ` : tr`not at peak: `}${offPeakText(moment.offPeakMinutes)}`;
}
