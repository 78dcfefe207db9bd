import { expose } from 'comlink';
import { chooseAmong, optionsFor, type Choosing, type Option } from '@/core/advice';
import { DRAWS_FOR_A_CHOICE, estimate } from '@/core/bell';
import { answer } from '@/contract/answers';
import { isChoosingQuestion, type ChoosingTold } from '@/contract/choosing';

/** Few draws, and only the device asked for on the wire that is there: the first rows stand at once, the rest follows. */
const DRAWS_AT_FIRST = 300;

const question = answer(isChoosingQuestion);

/** The ways at a point, first roughly and then with the draws of a choice; told row by row. */
function choose(asked: unknown, tell: (told: ChoosingTold) => void): void {
  const { survey, premises, policy, module } = question(asked);
  const options = optionsFor(survey, premises);
  const judged = (among: readonly Option[], draws: number, onRow?: (done: number) => void): Choosing =>
    chooseAmong(survey, estimate(survey, draws).houses, among, policy, module, onRow);
  const first = options.filter(({ wire, instead }) => wire === 'keep' && !instead);
  tell({ kind: 'first', choosing: judged(first, DRAWS_AT_FIRST) });
  const choosing = judged(options, DRAWS_FOR_A_CHOICE, (done) => {
    if (done % 8 === 0) tell({ kind: 'progress', done, of: options.length });
  });
  tell({ kind: 'full', choosing });
}

const api = { choose };
export type ChoosingWorker = typeof api;
expose(api);
