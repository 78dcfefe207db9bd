import { v7 } from 'uuid';
import { answer, isSettings } from '@/contract/answers';
import { newEntry, type NewEntry, type Person, type Stated } from '@/core/kinds';
import { Away, Failed, MOST_AT_ONCE, Refused, call } from './api';
import { nowIso } from './clock';
import { dropMade, ensureMade, keepMade } from './newJobs';
import { postEntries } from './postEntries';
import { dropWaiting, keepWaiting } from './shelf';

const KEY = 'fox-ladder-settings';

/** The firm’s policy as it stands now; as it stood when it was read last where nobody answers; null: it never was read here. */
async function policyNow() {
  try {
    const settings = await call('/settings', answer(isSettings));
    localStorage.setItem(KEY, JSON.stringify(settings));
    return settings.policy;
  } catch (error) {
    if (!(error instanceof Away) && !(error instanceof Failed)) throw error;
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? 'null');
    return isSettings(kept) ? kept.policy : null;
  }
}

/**
 * Makes a job that starts with some facts, under the firm’s policy as it stands now: a later change of it changes no old job. It
 * stands in this browser first, and goes to the firm at once or as soon as it answers.
 * @returns its id · @throws Refused where the firm’s server does not take it
 */
export async function makeJob(title: string, by: Person, stated: readonly Stated[]): Promise<string> {
  const id = v7();
  const at = nowIso();
  const policy = await policyNow();
  const all: readonly Stated[] = [
    ...stated,
    ...(policy ? [{ kind: 'policyTaken', data: { ...policy } } as const] : []),
  ];
  const entries = all.map(({ kind, data }): NewEntry => newEntry(kind, data, { id: v7(), at, by }));
  await keepMade({ jobId: id, title, at, by });
  for (const [place, entry] of entries.entries()) await keepWaiting(id, { entry, place, corrected: 0 });
  try {
    await ensureMade(id);
    for (let from = 0; from < entries.length; from += MOST_AT_ONCE)
      await dropWaiting(id, await postEntries(id, entries.slice(from, from + MOST_AT_ONCE)));
  } catch (error) {
    if (error instanceof Refused) {
      await dropMade(id);
      await dropWaiting(
        id,
        entries.map((one) => one.id),
      );
      throw error;
    }
    // It waits here, and is climbed here meanwhile
    if (!(error instanceof Away) && !(error instanceof Failed)) throw error;
  }
  return id;
}
