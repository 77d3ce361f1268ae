'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import { useRouter } from 'next/navigation';
import { useEffect, useSyncExternalStore } from 'react';
import { clockText } from '../format';
import { keptSince, shopAnswers } from '../kept-since';

/** How often the shop is tried while its picture stands, ms. */
const TRY_MS = 4_000;

/**
 * Said over a view that is this device’s own picture of it, until the shop answers again.
 * @param props.nowMs the shop’s clock as the picture has it
 */
export function KeptLine({ nowMs, timeZone }: { nowMs: number; timeZone: string }) {
  const since = useSyncExternalStore(keptSince.subscribe, keptSince.read, () => null);
  const router = useRouter();
  useEffect(() => {
    if (since === null) return undefined;
    const timer = setInterval(() => {
      void shopAnswers().then((answers) => {
        if (!answers || keptSince.read() === null) return;
        keptSince.end();
        router.refresh();
      });
    }, TRY_MS);
    return () => clearInterval(timer);
  }, [since, router]);
  if (since === null) return null;
  return (
    <Alert
      severity="warning"
      data-testid="picture"
      data-over-view
      className="no-print"
      sx={{ borderRadius: 0 }}
    >
      {tr`Olvik does not answer. This is its picture of ${clockText(nowMs, timeZone)}; what is done here waits on this device, and the view goes on when the shop is back.`}
    </Alert>
  );
}
