/** How often the probes are asked, ms of real time. */
const ASK_PROBES_MS = 5_000;

/** How often a back-up is kept where something was written, ms of real time. */
const BACKUP_MS = 2 * 3_600_000;

/** How often every back-up is read through, ms of real time: weekly, and first a minute after the start. */
const CHECK_BACKUPS_MS = 7 * 24 * 3_600_000;
const FIRST_CHECK_MS = 60_000;

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
  const { checkBackups, keepBackupOfNews } = await import('@/server/backups/backups');
  const backups = setInterval(() => void keepBackupOfNews(shopContext(), Date.now()), BACKUP_MS);
  backups.unref();
  const checks = setInterval(() => void checkBackups(shopContext()), CHECK_BACKUPS_MS);
  checks.unref();
  setTimeout(() => void checkBackups(shopContext()), FIRST_CHECK_MS).unref();
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.on(signal, () => {
      for (const stop of [...openStreams]) stop();
    });
  }
}
