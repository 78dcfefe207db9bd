import { answer } from '@/contract/answers';
import { isFields, isNamed, isText } from '@/contract/shapes';
import type { JobHead } from '@/core/job';
import type { Person } from '@/core/kinds';
import { call } from './api';
import { keepLog, keptLog } from './keptLog';
import { change, put, shelf } from './shelfStore';

/** A job that was made in this browser and is not with the firm yet. */
export interface MadeHere {
  readonly jobId: string;
  readonly title: string;
  /** When, ISO 8601. */
  readonly at: string;
  readonly by: Person;
}

const isMadeHere = (value: unknown): value is MadeHere =>
  isFields(value) &&
  isFields(value.by) &&
  [value.jobId, value.title, value.at, value.by.id, value.by.name].every(isText);

export const keepMade = (made: MadeHere): Promise<void> => put('made', made.jobId, made);

export const dropMade = (jobId: string): Promise<void> =>
  change(['made'], jobId, (on) => on.objectStore('made').delete(jobId));

/** Jobs that were made here and wait, the latest first. */
export async function madeHere(): Promise<readonly MadeHere[]> {
  const rows: readonly unknown[] = await (await shelf()).getAll('made');
  return rows.filter(isMadeHere).toSorted((a, b) => (a.at < b.at ? 1 : -1));
}

/** The head of a job that was made or opened here; null: this browser knows nothing of it. */
export async function headHere(jobId: string): Promise<JobHead | null> {
  const made: unknown = await (await shelf()).get('made', jobId);
  if (isMadeHere(made)) return { id: jobId, title: made.title, createdAt: made.at };
  const kept = await (await shelf()).get('logs', jobId);
  return kept?.title === undefined ? null : { id: jobId, title: kept.title, createdAt: kept.createdAt ?? '' };
}

/** Makes a job with the firm that was made here before; nothing where it is there already. @throws NotTaken */
export async function ensureMade(jobId: string): Promise<void> {
  const made: unknown = await (await shelf()).get('made', jobId);
  if (!isMadeHere(made)) return;
  const { title, at, by } = made;
  await call('/jobs', answer(isNamed), { method: 'POST', body: { id: jobId, at, by, title } });
  // It is still to be had here, far from the firm: what was written in it is read on
  if ((await keptLog(jobId)).length === 0) await keepLog({ id: jobId, title, createdAt: at }, []);
  await dropMade(jobId);
}
