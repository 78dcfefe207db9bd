/** Opens the store at start, so that a data folder of an older form is lifted before the first request. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { store } = await import('./server/store');
  await store();
}
