/** Ends the open streams when the server is asked to stop. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return;
  const { openStreams } = await import('./services/streams');
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.on(signal, () => {
      for (const stop of [...openStreams]) stop();
    });
  }
}
