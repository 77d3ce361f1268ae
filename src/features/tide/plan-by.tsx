import { tr } from '@/words/tr';
import Button from '@mui/material/Button';
import Link from 'next/link';
import type { TideView } from '@/server/tide';
import { momentText } from '@/ui/format';

/** The service that wants a plan first, with the hour by which. */
export function PlanBy({ view, nowMs }: { view: TideView; nowMs: number }) {
  const [first] = [...view.unplanned].sort(
    (a, b) => (a.planBy?.atMs ?? nowMs) - (b.planBy?.atMs ?? nowMs),
  );
  if (first === undefined) return null;
  const at = (ms: number) => momentText(ms, nowMs, view.units.timeZone);
  const by =
    first.planBy === null
      ? tr`no method fits as it usually is`
      : tr`plan by ${at(first.planBy.atMs)}`;
  return (
    <Button
      component={Link}
      href="/plan"
      variant="text"
      sx={{ mt: 0.5, px: 1, textAlign: 'left' }}
      data-testid="plan-by"
    >
      {first.name}, {at(first.fromMs)}: {by}
    </Button>
  );
}
