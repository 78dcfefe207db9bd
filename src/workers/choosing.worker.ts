import { expose } from 'comlink';
import { chooseAmong, optionsFor, type Choosing } from '@/core/advice';
import { DRAWS_FOR_A_CHOICE, estimate } from '@/core/bell';
import type { ChoosingQuestion, ChoosingTold } from '@/contract/choosing';

/** Few draws: the first rows stand at once, the rest follows. */
const DRAWS_AT_FIRST = 400;

/** The ways at a point, first roughly and then with the draws of a choice; told row by row. */
function choose({ survey, spare, policy }: ChoosingQuestion, tell: (told: ChoosingTold) => void): void {
  const options = optionsFor(survey, spare);
  const judged = (draws: number, onRow?: (done: number) => void): Choosing =>
    chooseAmong(survey, estimate(survey, draws).houses, options, policy, onRow);
  tell({ kind: 'first', choosing: judged(DRAWS_AT_FIRST) });
  const choosing = judged(DRAWS_FOR_A_CHOICE, (done) => {
    if (done % 8 === 0) tell({ kind: 'progress', done, of: options.length });
  });
  tell({ kind: 'full', choosing });
}

const api = { choose };
export type ChoosingWorker = typeof api;
expose(api);
