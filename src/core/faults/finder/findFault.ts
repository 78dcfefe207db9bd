import {
  hypothesesOf,
  picked,
  planned,
  predicted,
  ranked,
  type Prediction,
  type TestAsked,
  type Trouble,
  type TroubleModel,
} from '../diagnosis';
import { answersAhead } from './answersAhead';
import { explainedBy, type Explained } from './explained';
import type { AfterRepair, Finding, Likely } from './finding';

/** Houses of each fault that a prediction is told from. */
const TOLD_FROM = 400;
/** Under it a fault is not spoken of. */
const NOT_NAMED = 0.002;

/** What a finder is asked: a trouble, and what comes out where it is repaired. */
export interface FinderCase<F extends string, T extends TestAsked> extends Trouble<F, T> {
  /** What is read or looked at after any repair. */
  readonly afterRepair: T;
}

/** A model that also tells how things are once all faults are repaired. */
export interface RepairableModel<H, F extends string, T extends TestAsked> extends TroubleModel<H, F, T> {
  readonly repaired: (house: H) => H;
  /** Share of the houses with a fault that show the complaint. */
  readonly shownBy: (fault: F) => number;
}

/** How likely each fault is once the complaint is heard: one that hardly ever shows so is hardly it. */
const afterComplaint = <H, F extends string, T extends TestAsked>(
  model: RepairableModel<H, F, T>,
  given: Trouble<F, T>,
): Trouble<F, T> => ({
  ...given,
  faults: given.faults.map((fault) => ({ ...fault, probability: fault.probability * model.shownBy(fault.kind) })),
});

const namedOf = <H, F extends string, T extends TestAsked>({
  ranking: { fixed, possible, shares },
}: Explained<H, F, T>): readonly Likely[] =>
  fixed !== null
    ? [{ kind: fixed, probability: 1 }]
    : possible.flatMap(({ kind }, i) => ((shares[i] ?? 0) >= NOT_NAMED ? [{ kind, probability: shares[i] ?? 0 }] : []));

/** So many of the last answers are looked back at. */
const LOOKED_BACK = 5;

/** What each model was asked before of a trouble and its first answers: with every answer the same is asked again. */
const asked = new WeakMap<object, Map<string, readonly Likely[]>>();

function likelyThen<H, F extends string, T extends TestAsked>(
  model: TroubleModel<H, F, T>,
  trouble: Trouble<F, T>,
): readonly Likely[] {
  const known = asked.get(model) ?? new Map<string, readonly Likely[]>();
  asked.set(model, known);
  const key = JSON.stringify([trouble.faults, trouble.done]);
  const before = known.get(key);
  if (before) return before;
  const then = ranked(model, trouble);
  const faults = then
    ? then.possible.flatMap(({ kind }, k) =>
        (then.shares[k] ?? 0) >= NOT_NAMED ? [{ kind, probability: then.shares[k] ?? 0 }] : [],
      )
    : [];
  known.set(key, faults);
  return faults;
}

/** What it may have been before any answer, and after each of the last but the very last. */
function earlier<H, F extends string, T extends TestAsked>(
  model: TroubleModel<H, F, T>,
  trouble: Trouble<F, T>,
): Finding['steps'] {
  const { length } = trouble.done;
  return trouble.done.flatMap((_, answers) =>
    answers > 0 && answers < length - LOOKED_BACK
      ? []
      : [{ answers, faults: likelyThen(model, { ...trouble, done: trouble.done.slice(0, answers) }) }],
  );
}

/** Answers without each of which one fault would explain the rest. */
const suspectsOf = <H, F extends string, T extends TestAsked>(
  model: TroubleModel<H, F, T>,
  trouble: Trouble<F, T>,
): readonly string[] =>
  trouble.done.flatMap((one, i) =>
    'test' in one && ranked(model, { ...trouble, done: trouble.done.filter((_, k) => k !== i) }) ? [one.test] : [],
  );

/** How likely each fault is by all that was found, and nothing else: quick enough for what is being typed. */
export function likelyFaults<H, F extends string, T extends TestAsked>(
  model: RepairableModel<H, F, T>,
  given: Trouble<F, T>,
): Pick<Finding, 'explained' | 'faults'> {
  const explained = explainedBy(model, afterComplaint(model, given), given, model.shownBy);
  return explained
    ? { explained: explained.explained, faults: namedOf(explained) }
    : { explained: 'nothing', faults: [] };
}

/**
 * What it may be, what to do next, what that would tell, and what must come out in the end.
 * @param spokenOf a test to be spoken of in place of the next one
 */
export function findFault<H, F extends string, T extends TestAsked>(
  model: RepairableModel<H, F, T>,
  given: FinderCase<F, T>,
  spokenOf: T['kind'] | null = null,
): Finding {
  const complained = afterComplaint(model, given);
  const found = explainedBy(model, complained, given, model.shownBy);
  if (!found)
    return {
      explained: 'nothing',
      faults: [],
      steps: earlier(model, complained),
      next: null,
      expectedMinutes: 0,
      test: null,
      predictions: [],
      answers: [],
      after: [],
      suspects: suspectsOf(model, complained),
    };
  const { explained, trouble, ranking } = found;
  const { fixed, left, possible, shares } = ranking;
  const named = namedOf(found);
  const houses = (kind: string): readonly H[] => {
    const one = possible.find((each) => each.kind === kind);
    return one ? picked(model, one, TOLD_FROM) : [];
  };
  const kinds = trouble.faults.map(({ kind }) => kind);
  const hypotheses = hypothesesOf(model, kinds, possible, shares);
  const { next, expectedMinutes } =
    fixed === null ? planned(model, trouble, left, hypotheses) : { next: null, expectedMinutes: 0 };
  const spoken = spokenOf ?? (next && 'test' in next ? next.test : null);
  const test = left.find(({ kind }) => kind === spoken) ?? null;
  const predictions: readonly Prediction[] = test
    ? named.map(({ kind }) => predicted(model, test, kind, houses(kind)))
    : [];
  const after: readonly AfterRepair[] = named.map(({ kind }) => ({
    fault: kind,
    prediction: predicted(model, given.afterRepair, kind, houses(kind).map(model.repaired)),
  }));
  return {
    explained,
    faults: named,
    steps: [...earlier(model, complained), { answers: given.done.length, faults: named }],
    next,
    expectedMinutes,
    test: test?.kind ?? null,
    predictions,
    answers: test ? answersAhead(model, trouble, left, test, hypotheses) : [],
    after,
    suspects: [],
  };
}
