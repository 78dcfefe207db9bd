import { answer, isNumbered } from '@/contract/answers';
import { rememberingParse } from '@/contract/job';
import type { Entry } from '@/core/kinds';
import { call } from './api';

/** Each entry of a log is parsed once: it never changes. */
const parsed = rememberingParse();

const readFrom = async (jobId: string, after: number) => {
  const { entries, last } = await call(`/jobs/${jobId}/entries?after=${after}`, answer(isNumbered));
  return { entries: entries.map((entry) => parsed(`${jobId}/${entry.id}`, () => entry)), last };
};

/** A log with what came to it at the server since it was read, at its end. @throws NotTaken */
export async function readOn(known: readonly Entry[], jobId: string): Promise<readonly Entry[]> {
  const after = known.at(-1)?.seq ?? 0;
  const { entries, last } = await readFrom(jobId, after);
  // The server knows less than this page: it was put back to a copy
  if (last < after) return (await readFrom(jobId, 0)).entries;
  const fresh = entries.filter(({ seq }) => seq > after);
  return fresh.length === 0 ? known : [...known, ...fresh];
}
