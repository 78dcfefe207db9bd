import { said, type Text } from '../said';
import { GATE_REASONS, GATE_WORDS, stepGate, type Asker, type GateReason } from '../isolation';
import type { Job } from '../job/job';
import type { Step } from '../wiring';
import { isKeptForLicence } from '../job/region';
import { findingsOf, planStop } from './findings';
import { placeIdOf, placesOf } from './places';
import { pointSteps } from './planOf';
import type { Point } from './point';
import { circuitsOfPoint, pointsAt, unnamedFeed } from './supplyOf';

/** Why a step waits: what its circuits ask, or the plan, or a step before it. */
export const HELD_BY = [
  ...GATE_REASONS,
  'plan',
  'licence',
  'stepBefore',
  'builtWrong',
  'switchOnFirst',
  'placeOpen',
] as const;
export type HeldBy = (typeof HELD_BY)[number];

/** Where what is missing is said. */
export type HeldAt = 'plan' | 'circuit' | 'here' | 'order';

/** A step beside its tick and the gate that it meets now. */
export interface StepStanding {
  readonly step: Step;
  /** Where hands are put. */
  readonly placeId: string;
  /** By somebody who holds a licence only. */
  readonly licensed: boolean;
  readonly ticked: boolean;
  /** Why it may not be done now, most telling first; none where it may. */
  readonly heldBy: readonly HeldBy[];
  /** The first of them in words; null where it may be done. */
  readonly held: Text | null;
  readonly heldAt: HeldAt | null;
  /** The circuits of its place that this person has not proved dead there: their form is the step itself. */
  readonly toProve: readonly string[];
}

/** A step that is just done and ticked: nothing holds it, nothing is switched, read or proved with it. */
export const isPlain = ({ step, ticked, heldBy, toProve }: StepStanding): boolean =>
  !ticked &&
  heldBy.length === 0 &&
  !step.energises &&
  step.reads === undefined &&
  !(step.role === 'proof' && toProve.length > 0);

/** The steps that come next at one place and may be ticked together, once all of them are done; from the first that is open. */
export function plainRun(steps: readonly StepStanding[]): readonly StepStanding[] {
  const from = steps.findIndex(({ ticked }) => !ticked);
  const open = from === -1 ? [] : steps.slice(from);
  const end = open.findIndex((one) => !isPlain(one) || one.step.place !== open[0]?.step.place);
  return end === -1 ? open : open.slice(0, end);
}

interface Held {
  readonly by: HeldBy;
  readonly at: HeldAt;
  readonly why: Text;
}

/** What is answered at the step itself, where everything is off: the proof, and whether somebody was away. */
const HERE: ReadonlySet<GateReason> = new Set([
  'notProved',
  'noMainsProof',
  'provedByAnother',
  'wasAway',
  'notLooked',
  'notFresh',
  'notSpread',
]);

const byGate = (reason: GateReason, touches: Step['touches']): Held => ({
  by: reason,
  at: touches === 'mains' && HERE.has(reason) ? 'here' : 'circuit',
  why: GATE_WORDS[reason],
});

/** What is asked of a step’s circuits. */
export const holdOf = (job: Job, point: Point, step: Pick<Step, 'touches' | 'role' | 'place'>) => ({
  touches: step.touches,
  role: step.role,
  placeId: placeIdOf(point, step.place),
  supplyId: point.hangs.supplyId,
  bellSide: job.policy.bellSide,
  plug: point.fed.plug,
  breaker: point.fed.breaker,
  spread: 'box-spread' in point.ticks,
});

/** Open places that hang on a point’s circuits, but for its own where the same person works there: who is asked first. */
export function openBeside(
  job: Job,
  point: Point,
  who: Asker,
): readonly { readonly placeId: string; readonly words: Text }[] {
  const ids = circuitsOfPoint(job, point).flatMap(({ id, mayBe }) => [id, ...mayBe]);
  const own = new Set(placesOf(point.hangs));
  return job.isolation.openPlaces().flatMap(({ placeId, byId, byName }) => {
    if (own.has(placeId) && byId === who.id) return [];
    if (!job.isolation.circuitsAt(placeId).some((id) => ids.includes(id)) || job.isolation.isCleared(placeId))
      return [];
    return [{ placeId, words: said('openAt', { points: pointsAt(job, placeId), by: byName }) }];
  });
}

/**
 * Every step of the plan as it stands for one person. What the rules stop in the plan holds each of its steps that touches
 * a conductor, before any proof is asked for.
 */
export function stepStandings(job: Job, point: Point, who: Asker): readonly StepStanding[] {
  const { isolation } = job;
  const stop = planStop(job, point);
  const steps = pointSteps(point);
  // What comes after a first switching on waits for it: an older proof must not stand for the one after it
  const on = steps.findIndex(({ id, energises }) => energises && !(id in point.ticks));
  // Nothing is switched on over an open splice, nor over a lead that is where it must not be, nor over somebody’s hands
  const open = steps.slice(0, Math.max(0, on)).find(({ id, touches }) => touches === 'mains' && !(id in point.ticks));
  const wrong = findingsOf(job, point).byDeviation.find(({ severity }) => severity === 'stop');
  const [beside] = on === -1 ? [] : openBeside(job, point, who);
  const notYet: readonly Held[] = [
    ...(open ? [{ by: 'stepBefore', at: 'order', why: said('first', { open: open.words }) } as const] : []),
    ...(wrong ? [{ by: 'builtWrong', at: 'order', why: said('builtDoesNot', { wrong: wrong.words }) } as const] : []),
    ...(beside ? [{ by: 'placeOpen', at: 'here', why: beside.words } as const] : []),
  ];
  // What a place, a plan or the firm keeps for a licence
  const isLicensed = ({ touches, work }: Step): boolean => touches === 'mains' && isKeptForLicence(job, work ?? null);
  const waitsFor = steps.findIndex((step) => isLicensed(step) && !(step.id in point.ticks));
  const holds = (step: Step, i: number): readonly Held[] => {
    const planned: readonly Held[] =
      stop && (step.touches !== 'nothing' || step.plugsIn || step.energises)
        ? // A circuit that is not named yet is named at Isolate
          [
            {
              by: 'plan',
              at: stop.rule === 'twoCircuits' ? 'circuit' : 'plan',
              why: said('planDoesNot', { stop: stop.words }),
            },
          ]
        : [];
    const ordered: readonly Held[] =
      i === on
        ? notYet
        : on !== -1 && i > on && step.touches === 'mains'
          ? [{ by: 'switchOnFirst', at: 'order', why: said('switchedOnceFirst') }]
          : [];
    const kept: readonly Held[] =
      isLicensed(step) && who.licensed !== true
        ? [{ by: 'licence', at: 'order', why: said('byLicensedOnly') }]
        : waitsFor !== -1 && i > waitsFor && step.touches === 'mains' && !isLicensed(step)
          ? [{ by: 'stepBefore', at: 'order', why: said('first', { open: steps[waitsFor]?.words ?? '' }) }]
          : [];
    const hold = holdOf(job, point, step);
    const gate = stepGate(isolation, hold, who);
    const shared = step.touches === 'mains' && step.role === 'work' ? unnamedFeed(job, point, hold.placeId) : null;
    const reasons = shared && !gate.includes(shared) ? [...gate, shared] : gate;
    return [...planned, ...kept, ...ordered, ...reasons.map((reason) => byGate(reason, step.touches))];
  };
  return steps.map((step, i) => {
    const held = holds(step, i);
    const placeId = placeIdOf(point, step.place);
    const [first = null] = held;
    return {
      step,
      placeId,
      licensed: isLicensed(step),
      ticked: step.id in point.ticks,
      heldBy: held.map(({ by }) => by),
      held: first?.why ?? null,
      heldAt: first?.at ?? null,
      toProve:
        step.touches === 'mains'
          ? isolation
              .circuitsAt(placeId)
              .filter((id) => isolation.mainsProofAt(id, placeId, who.id)?.mark.byId !== who.id)
          : [],
    };
  });
}
