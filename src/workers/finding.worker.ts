import { expose } from 'comlink';
import { answer } from '@/contract/answers';
import { isTroubleCase } from '@/contract/finding';
import { finderKey, finderOf, type Finder, type Finding } from '@/core/faults';

const troubleCase = answer(isTroubleCase);

/** What was drawn for the trouble at hand is drawn once. */
let held: Finder | null = null;

function finderFor(asked: ReturnType<typeof troubleCase>): Finder {
  if (held?.key !== finderKey(asked)) held = finderOf(asked);
  return held;
}

/** @param test one that is to be spoken of in place of the next */
function find(asked: unknown, test: string | null): Finding {
  const given = troubleCase(asked);
  return finderFor(given).find(given, test);
}

/** With what is being typed. */
function likely(asked: unknown): Pick<Finding, 'explained' | 'faults'> {
  const given = troubleCase(asked);
  return finderFor(given).likely(given);
}

const api = { find, likely };
export type FindingWorker = typeof api;
expose(api);
