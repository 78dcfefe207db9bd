import { existsSync } from 'node:fs';
import path from 'node:path';
import { Piscina } from 'piscina';
import { shared } from '../shared';
import type { Apart, ApartName } from './asked';

/** A thread that nobody has asked for so long ends, ms. */
const IDLE_MS = 60_000;

/** What the build lays beside its own, each for a thread of its own. */
const THREADS = {
  /** Of `tasks`: whatever takes longer than others may wait. A file that asks for more memory is refused. */
  apart: { file: 'apart.mjs', mostMb: 192, sideBySide: 8 },
  /** Of `tasks` too: what takes so long that the others would wait for it. */
  upkeep: { file: 'apart.mjs', mostMb: 192, sideBySide: 1 },
  /** Of `papers/thread`: one document after the other. */
  papers: { file: 'papers.mjs', mostMb: 300, sideBySide: 1 },
} as const;
type ThreadName = keyof typeof THREADS;

/** Threads of a kind; null where the build has laid none: in tests, in tools. */
const pool = (name: ThreadName): Piscina | null =>
  shared(`threads ${name}`, () => {
    const { file, mostMb, sideBySide } = THREADS[name];
    const filename = path.join(/*turbopackIgnore: true*/ process.cwd(), '.next', file);
    return existsSync(filename)
      ? new Piscina({
          filename,
          minThreads: 0,
          maxThreads: 1,
          concurrentTasksPerWorker: sideBySide,
          idleTimeout: IDLE_MS,
          resourceLimits: { maxOldGenerationSizeMb: mostMb },
        })
      : null;
  });

/**
 * Has something done in a thread of its own.
 * @param here does it in this one, where there is no other: in tests, in tools
 */
export async function apart<K extends ApartName>(
  name: K,
  asked: Apart[K]['asked'],
  here: () => Promise<Apart[K]['answer']>,
): Promise<Apart[K]['answer']> {
  const threads = pool(name === 'backup' || name === 'takeFirm' ? 'upkeep' : 'apart');
  return threads ? ((await threads.run(asked, { name })) as Apart[K]['answer']) : here();
}

/** Asks the thread that sets documents; null where there is none. */
export const papersThread = (): Piscina | null => pool('papers');

/** Ends the threads: before the process ends, so that nobody holds the database open. */
export const endApart = async (): Promise<void> => {
  await Promise.all([pool('apart')?.destroy(), pool('upkeep')?.destroy(), pool('papers')?.destroy()]);
};

/** Whether a task failed because it wanted more memory than it may have. */
export const wantedTooMuch = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY';
