import { said, type Text } from '../said';
import { GATE_WORDS, stepGate } from '../isolation';
import type { Job } from '../job/job';
import type { Step } from '../wiring';
import { findingsOf, planStop } from './findings';
import { pointSteps } from './planOf';
import type { Point } from './point';
import { supplyOf } from './supplyOf';

/** A step beside its tick and the gate that it meets now. */
export interface StepStanding {
  readonly step: Step;
  readonly ticked: boolean;
  /** Why it may not be done now; null where it may. */
  readonly held: Text | null;
  readonly heldBy: Held['by'] | null;
}

/** What a step waits for: a plan that stands, its circuit, or a step before it. */
interface Held {
  readonly by: 'plan' | 'circuit' | 'order';
  readonly why: Text;
}

/**
 * Every step of the plan as it stands for one person. What the rules stop in the plan holds each of its steps that touches
 * a conductor, before any proof is asked for.
 */
export function stepStandings(job: Job, point: Point, who: string | null): readonly StepStanding[] {
  const supply = supplyOf(job, point);
  const stop = planStop(job, point);
  const steps = pointSteps(point);
  // What comes after a first switching on waits for it: an older proof must not stand for the one after it
  const on = steps.findIndex(({ id, energises }) => energises && !(id in point.ticks));
  // Nothing is switched on over an open splice, nor over a lead that is where it must not be
  const open = steps.slice(0, Math.max(0, on)).find(({ id, touches }) => touches === 'mains' && !(id in point.ticks));
  const wrong = findingsOf(job, point).byDeviation.find(({ severity }) => severity === 'stop');
  const notYet = open
    ? said('first', { open: open.words })
    : wrong
      ? said('builtDoesNot', { wrong: wrong.words })
      : null;
  return steps.map((step, i) => {
    const gate = stepGate(step.touches, supply, who);
    const held: Held | null =
      stop && (step.touches !== 'nothing' || step.plugsIn)
        ? // A circuit that is not named yet is named at Isolate
          { by: stop.rule === 'twoCircuits' ? 'circuit' : 'plan', why: said('planDoesNot', { stop: stop.words }) }
        : i === on && notYet !== null
          ? { by: 'order', why: notYet }
          : on !== -1 && i > on && step.touches === 'mains'
            ? { by: 'order', why: said('switchedOnceFirst') }
            : gate.open
              ? null
              : { by: 'circuit', why: GATE_WORDS[gate.reason] };
    return { step, ticked: step.id in point.ticks, held: held?.why ?? null, heldBy: held?.by ?? null };
  });
}
