/** The code of a job’s screen, part by part: each is read in a task of its own, so that a slow phone answers meanwhile. */
const PARTS: readonly (() => Promise<unknown>)[] = [
  () => import('yup'),
  () => import('@/words'),
  () => import('@/core/kinds'),
  () => import('@/core/catalogue'),
  () => import('@/core/wiring'),
  () => import('@/core/junction'),
  () => import('@/core/advice'),
  () => import('@/core/job'),
  () => import('../log/JobContext'),
];

/** Fetches a job’s screen. */
export async function jobScreen() {
  for (const part of PARTS) await part();
  return import('./JobScreen');
}
