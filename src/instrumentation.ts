/** How often the probes are asked, ms of real time. */
const ASK_PROBES_MS = 5_000;

/** How often a back-up is kept where something was written, ms of real time. */
const BACKUP_MS = 2 * 3_600_000;

/** Asks the shop’s probes, keeps back-ups while the server runs, and ends the open streams when it is asked to stop. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return;
  const { openStreams } = await import('@/server/streams/streams');
  const { shopContext } = await import('@/server/context');
  const { askProbes } = await import('@/server/shop/probes');
  const timer = setInterval(() => {
    // A clock that stands still brings no readings.
    const context = shopContext();
    if (context.clock().rate > 0) askProbes(context);
  }, ASK_PROBES_MS);
  timer.unref();
  const { keepBackupOfNews } = await import('@/server/backups/backups');
  const backups = setInterval(() => void keepBackupOfNews(shopContext(), Date.now()), BACKUP_MS);
  backups.unref();
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.on(signal, () => {
      for (const stop of [...openStreams]) stop();
    });
  }
}
