import { v7 } from 'uuid';
import { answer, isNumbered, isSettings } from '@/contract/answers';
import { isNamed } from '@/contract/shapes';
import { newEntry, type NewEntry, type Person, type Stated } from '@/core/kinds';
import { MOST_AT_ONCE, call } from './api';
import { nowIso } from './clock';

/**
 * Makes a job that starts with some facts, under the firm’s policy as it stands now: a later change of it changes no old job.
 * @returns its id · @throws NotTaken where the server can’t be reached, or refuses
 */
export async function makeJob(title: string, by: Person, stated: readonly Stated[]): Promise<string> {
  const id = v7();
  const at = nowIso();
  const { policy } = await call('/settings', answer(isSettings));
  const all: readonly Stated[] = [...stated, { kind: 'policyTaken', data: { ...policy } }];
  const entries = all.map(({ kind, data }): NewEntry => newEntry(kind, data, { id: v7(), at, by }));
  await call('/jobs', answer(isNamed), { method: 'POST', body: { id, at, by, title } });
  for (let from = 0; from < entries.length; from += MOST_AT_ONCE)
    await call(`/jobs/${id}/entries`, answer(isNumbered), {
      method: 'POST',
      body: { entries: entries.slice(from, from + MOST_AT_ONCE) },
    });
  return id;
}
