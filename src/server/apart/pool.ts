import { existsSync } from 'node:fs';
import path from 'node:path';
import { Piscina } from 'piscina';
import { shared } from '../shared';
import type { Apart, ApartName } from './asked';

/** Memory of the thread, MB: a file that asks for more is refused, and brings nothing else down. */
const MOST_MB = 192;
/** A thread that nobody has asked for so long ends, ms. */
const IDLE_MS = 60_000;
/** Tasks that it does side by side: rows are made while a file is taken in. */
const SIDE_BY_SIDE = 8;

/** The bundle of `tasks`, which the build lays beside its own. */
const BUNDLE = path.join(/*turbopackIgnore: true*/ process.cwd(), '.next', 'apart.mjs');

const pool = (): Piscina | null =>
  shared('apart', () =>
    existsSync(BUNDLE)
      ? new Piscina({
          filename: BUNDLE,
          minThreads: 0,
          maxThreads: 1,
          concurrentTasksPerWorker: SIDE_BY_SIDE,
          idleTimeout: IDLE_MS,
          resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
        })
      : null,
  );

/**
 * Has something done in a thread of its own.
 * @param here does it in this one, where there is no other: in tests, in tools
 */
export async function apart<K extends ApartName>(
  name: K,
  asked: Apart[K]['asked'],
  here: () => Promise<Apart[K]['answer']>,
): Promise<Apart[K]['answer']> {
  const threads = pool();
  return threads ? ((await threads.run(asked, { name })) as Apart[K]['answer']) : here();
}

/** Ends the thread: before the process ends, so that nobody holds the database open. */
export const endApart = async (): Promise<void> => {
  await pool()?.destroy();
};

/** Whether a task failed because it wanted more memory than it may have. */
export const wantedTooMuch = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY';
