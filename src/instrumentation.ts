/** Opens the store at start, so that a data folder of an older form is lifted before the first request. */
export async function register(): Promise<void> {
  // The build runs this too, while it makes pages: it has no data folder, and must not make one
  if (process.env.NEXT_RUNTIME !== 'nodejs' || process.env.NEXT_PHASE === 'phase-production-build') return;
  const { startServer } = await import('./server/lifetime');
  await startServer();
}
