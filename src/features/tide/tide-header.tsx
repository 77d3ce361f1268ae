'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { TideView } from '@/server/tide';
import { ClockCap } from '@/ui/clock-cap';
import { clockText, dateText } from '@/ui/format';
import type { Tell } from './layout/tells';
import { rem } from '@/ui/rem';

/** The header: whose shop, the clock, and the five tells. */
export function TideHeader(props: {
  view: TideView;
  nowMs: number;
  tells: readonly Tell[];
  leftWidth: number;
  /** True where everything stands one under the other. */
  tall: boolean;
  /** True while the shop can not be reached. */
  stale: boolean;
  onTell: (tell: Tell) => void;
}) {
  const { view, nowMs, tells, leftWidth, tall, stale, onTell } = props;
  return (
    <Box
      component="header"
      sx={{
        display: 'flex',
        flexDirection: tall ? 'column' : { xs: 'column', md: 'row' },
        minHeight: 76,
      }}
    >
      <Clock tall={tall} leftWidth={leftWidth} view={view} nowMs={nowMs} stale={stale} />
      <Tells tall={tall} tells={tells} onTell={onTell} />
    </Box>
  );
}

function Clock(props: {
  tall: boolean;
  leftWidth: number;
  view: TideView;
  nowMs: number;
  stale: boolean;
}) {
  const { tall, leftWidth, view, nowMs, stale } = props;
  const { timeZone } = view.units;
  return (
    <Box
      sx={{
        width: tall ? '100%' : { xs: '100%', md: leftWidth + 52 },
        flex: 'none',
        display: 'flex',
        flexWrap: tall ? 'wrap' : 'nowrap',
        alignItems: 'center',
        gap: 1.25,
        px: 2,
        pr: 1,
        minHeight: 76,
      }}
    >
      <Box sx={{ flex: 1, minWidth: tall ? 'min(10rem, 100%)' : 0 }}>
        <Typography variant="h1">Olvik</Typography>
        <Typography variant="caption" component="p" noWrap sx={{ color: 'var(--ink2)' }}>
          {view.shopName} · {dateText(nowMs, timeZone)}
        </Typography>
      </Box>
      <ClockCap text={clockText(nowMs, timeZone)} {...clockNote(view, stale)} />
    </Box>
  );
}

function Tells({
  tall,
  tells,
  onTell,
}: {
  tall: boolean;
  tells: readonly Tell[];
  onTell: (tell: Tell) => void;
}) {
  return (
    <Box
      sx={{
        flex: 1,
        minWidth: 0,
        display: 'grid',
        gridTemplateColumns: tall ? TALL_COLUMNS : { xs: TALL_COLUMNS, sm: WIDE_COLUMNS },
      }}
    >
      {tells.map((tell) => (
        <TellButton key={tell.question} tell={tell} onClick={() => onTell(tell)} />
      ))}
    </Box>
  );
}

/** Two tells to a row, the last over both; or all five beside each other. */
const TALL_COLUMNS = 'repeat(auto-fit, minmax(min(9.5rem, 100%), 1fr))';
const WIDE_COLUMNS = 'repeat(5, minmax(0, 1fr))';

/** What stands under the clock: since when the picture is old, or how fast the demo runs. */
function clockNote(view: TideView, stale: boolean): { note?: string } {
  if (stale) return { note: tr`as of ${clockText(view.clock.nowMs, view.units.timeZone)}` };
  return view.clock.rate > 1 ? { note: `×${view.clock.rate}` } : {};
}

/** What is longer than its tell is wide goes on in a second line. */
const TWO_LINES = {
  display: '-webkit-inline-box',
  WebkitBoxOrient: 'vertical',
  WebkitLineClamp: '2',
  overflow: 'hidden',
  verticalAlign: 'top',
} as const;
/** A letter of an answer is about this wide, of its height. */
const LETTER_EM = 0.48;

/** As large as an answer fits its tell in one line, and no smaller than reads well from where the dough is. */
const answerSize = (answer: string) =>
  `min(${rem(21)}, max(${rem(16)}, calc(100cqw / ${Math.max(1, answer.length) * LETTER_EM})))`;

function TellButton({ tell, onClick }: { tell: Tell; onClick: () => void }) {
  return (
    <Button
      variant="text"
      color="inherit"
      onClick={onClick}
      aria-description={tell.words}
      sx={{
        display: 'block',
        textAlign: 'left',
        borderRadius: 0,
        borderLeft: '2px solid var(--line)',
        px: 1.25,
        py: 0.25,
        overflow: 'hidden',
        minWidth: 0,
        containerType: 'inline-size',
        fontWeight: 400,
        lineHeight: 1.25,
      }}
    >
      <Typography
        component="span"
        variant="caption"
        noWrap
        sx={{ display: 'block', color: 'var(--ink2)' }}
      >
        {tell.question}
      </Typography>
      <Typography
        component="span"
        className="name"
        sx={{
          ...TWO_LINES,
          maxWidth: '100%',
          fontSize: answerSize(tell.answer),
          fontWeight: 700,
          lineHeight: 1.15,
          ...(tell.alert
            ? { background: 'var(--ink)', color: 'var(--paper)', px: 0.75, borderRadius: '5px' }
            : {}),
        }}
      >
        {tell.answer}
      </Typography>
      <Typography component="span" variant="caption" noWrap sx={{ display: 'block' }}>
        {tell.detail}
      </Typography>
    </Button>
  );
}
