'use client';

import { tr } from '@/words/tr';
import type { MixView } from '@/shop/mix/view';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import type { CardLine } from '@/core/mixing';

import { clockText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { spanLeft } from './card-row';
import { ByFeel, DoughLook, UndoLast } from './side-acts';
import type { useCard } from './use-card';

/** What takes time: a clock that goes on while the tablet is closed, since only its start is kept. */
export function TimePane(props: {
  line: CardLine;
  nowMs: number;
  view: MixView;
  working: ReturnType<typeof useCard>;
}) {
  const { line, nowMs, view, working } = props;
  const { item, startedMs, endsMs } = line;
  if (item.kind !== 'time') return null;
  const left = endsMs === null ? item.minutes * 60_000 : endsMs - nowMs;
  const share = 100 * (1 - left / (item.minutes * 60_000));
  return (
    <>
      <Typography>
        {item.name}, {item.says}
      </Typography>
      <Typography
        data-testid="timer"
        role="timer"
        sx={{ fontSize: rem(104), fontWeight: 700, lineHeight: 0.95, whiteSpace: 'nowrap' }}
      >
        {left >= 0 ? spanLeft(left) : `+${spanLeft(-left)}`}
      </Typography>
      <LinearProgress
        variant="determinate"
        aria-label={tr`${item.name}, done`}
        value={Math.min(100, Math.max(0, share))}
        sx={{ height: 14, borderRadius: 1, background: 'var(--under)' }}
      />
      <Typography>
        {endsMs === null
          ? tr`${item.minutes} minutes`
          : left >= 0
            ? tr`until ${clockText(endsMs, view.units.timeZone)}`
            : tr`over since ${clockText(endsMs, view.units.timeZone)}`}
      </Typography>
      <Button
        size="large"
        variant="contained"
        onClick={() =>
          working.write(
            startedMs === null
              ? { kind: 'start', itemId: item.id }
              : { kind: 'done', itemId: item.id },
          )
        }
      >
        {startedMs === null ? tr`Start` : tr`Done`}
      </Button>
      {startedMs === null ? (
        <Button
          variant="text"
          onClick={() =>
            working.write({ kind: 'start', itemId: item.id }, { kind: 'done', itemId: item.id })
          }
        >
          {tr`It is done already`}
        </Button>
      ) : null}
      {item.what === 'rest' ? null : <DoughLook working={working} />}
      <ByFeel view={view} working={working} />
      <UndoLast working={working} />
    </>
  );
}
