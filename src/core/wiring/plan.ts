import { said } from '../said';
import { WrongMoveError, applyMoves, type Move } from './move';
import { moveWords } from './moveWords';
import type { Step, Task } from './step';
import { jointsOf, type Wiring, type WiringPlace } from './wiring';

/** A point’s wiring as found, what is to be done to it, and what it is to become. */
export interface WiringPlan {
  readonly found: Wiring;
  readonly steps: readonly Step[];
  readonly planned: Wiring;
}

/** The joint that the eye goes to: where a lead arrives, else where it leaves. */
const jointAtHand = (moves: readonly Move[]): string | null => {
  const at = moves.findLast((move) => move.do === 'on') ?? moves.findLast((move) => move.do === 'off');
  return at && (at.do === 'on' || at.do === 'off') ? at.joint : null;
};

/** A wiring after moves; null where one of them does not fit it. */
export function fitted(wiring: Wiring, moves: readonly Move[]): Wiring | null {
  try {
    return applyMoves(wiring, moves);
  } catch (error) {
    if (error instanceof WrongMoveError) return null;
    throw error;
  }
}

/** Where the survey was changed after the way was taken, a task may name wires that are not there. */
const MISFIT = said('wiringFoundDiffers');

/**
 * Tasks in their order, told as steps; each is told on the wiring that the ones before it have left. One whose moves do
 * not fit that wiring moves nothing and says so.
 */
export function planWiring(found: Wiring, tasks: readonly Task[]): WiringPlan {
  let at = found;
  const steps = tasks.map((task): Step => {
    const before = at;
    const after = fitted(before, task.moves);
    if (!after) return { ...task, words: MISFIT, moves: [], joint: null, tug: false };
    at = after;
    const joint = jointAtHand(task.moves);
    return {
      ...task,
      words: task.words ?? moveWords(before, task.moves),
      joint,
      tug: joint !== null && task.moves.some((move) => move.do === 'on'),
    };
  });
  return { found, steps, planned: at };
}

/** A wiring once a step is done to it; unchanged where its moves do not fit, because an earlier step is not done. */
export const afterStep = (wiring: Wiring, { moves }: Pick<Task, 'moves'>): Wiring => fitted(wiring, moves) ?? wiring;

/** The wiring as built so far: as found, with the moves of the ticked steps. */
export const wiringBuilt = (found: Wiring, steps: readonly Step[], isDone: (stepId: string) => boolean): Wiring =>
  steps.filter(({ id }) => isDone(id)).reduce(afterStep, found);

/** Leads whose end at a place is not what it was: moved, new, or gone from there. */
export function changedLeads({ found, planned }: WiringPlan, place: WiringPlace): ReadonlySet<string> {
  const endsHere = (wiring: Wiring): ReadonlyMap<string, string> => {
    const here = new Set(jointsOf(wiring).flatMap((joint) => (joint.place === place ? [joint.id] : [])));
    return new Map(
      wiring.leads.map(({ id, from, to }) => [id, [from, to].filter((end) => end !== null && here.has(end)).join()]),
    );
  };
  const before = endsHere(found);
  return new Set([...endsHere(planned)].filter(([id, ends]) => before.get(id) !== ends).map(([id]) => id));
}
