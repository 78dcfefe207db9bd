import { treatmentById } from '../chime';
import { CIRCUIT_STATE_WORDS, GATE_WORDS, stepGate } from '../isolation';
import { WALL_FIXINGS } from '../mount';
import { lengthText } from '../units';
import type { Step } from '../wiring';
import type { Assessment } from './assessment';
import { circuitsOfPoint, supplyOf } from './supplyOf';
import type { Circuit, Job, Point } from './job';
import { huntOf } from './hunting';
import { missingAtBox, missingAtLook } from './missing';
import { findingsOf, planStop } from './findings';
import { boxSurveyOf } from './boxOf';
import { feedCase } from '../junction';
import { RUNGS, type Rung, type RungMark, type RungState } from './rungs';
import { checksOf } from './checks';
import { pointSteps } from './planOf';
import { lengthsOf } from './survey';

/** A step beside its tick and the gate that it meets now. */
export interface StepStanding {
  readonly step: Step;
  readonly ticked: boolean;
  /** Why it may not be done now; null where it may. */
  readonly held: string | null;
  readonly heldBy: Held['by'] | null;
}

/** What a step waits for: a plan that stands, its circuit, or a step before it. */
interface Held {
  readonly by: 'plan' | 'circuit' | 'order';
  readonly why: string;
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
  const notYet = open ? `first: ${open.words}` : wrong ? `as built it does not stand: ${wrong.words}` : null;
  return steps.map((step, i) => {
    const gate = stepGate(step.touches, supply, who);
    const held: Held | null =
      stop && step.touches !== 'nothing'
        ? // A circuit that is not named yet is named at Isolate
          { by: stop.rule === 'twoCircuits' ? 'circuit' : 'plan', why: `the plan does not stand: ${stop.words}` }
        : i === on && notYet !== null
          ? { by: 'order', why: notYet }
          : on !== -1 && i > on && step.touches === 'mains'
            ? { by: 'order', why: 'it is switched on once first, to see it work' }
            : gate.open
              ? null
              : { by: 'circuit', why: GATE_WORDS[gate.reason] };
    return { step, ticked: step.id in point.ticks, held: held?.why ?? null, heldBy: held?.by ?? null };
  });
}

const circuitWords = (circuit: Circuit | null): string =>
  circuit ? `${circuit.way ?? circuit.name ?? 'circuit'}, ${CIRCUIT_STATE_WORDS[circuit.state.state]}` : '';

function huntWords(job: Job, point: Point): string {
  const hunt = huntOf(job, point);
  return hunt.state === 'hunting' ? `hunt: ${hunt.left.length} left` : 'hunt';
}

type Mark = Omit<RungMark, 'rung'>;
const mark = (state: RungState, words: string): Mark => ({ state, words });

/** What each rung looks at; one line of the table per rung. */
const MARKS: { readonly [R in Rung]: (job: Job, point: Point, assessment: Assessment, who: string | null) => Mark } = {
  look: (job, point) => {
    const missing = missingAtLook(job, point);
    const begun = Object.keys(point.look).length + Object.keys(point.chime).length > 0;
    const reach = point.look.leadReachM;
    const seen = [
      ...(point.look.wall ? [WALL_FIXINGS[point.look.wall].name] : []),
      ...(reach === undefined ? [] : [`${lengthText(reach, lengthsOf(job), 'small')} of lead`]),
    ];
    if (missing.length === 0) return mark('done', seen.join(', '));
    return mark(begun ? 'inHand' : 'open', begun ? `${missing.length} to look at` : '');
  },
  measure: (_job, point, { reference, known }) => {
    if (!known.sourceKnown) return mark(point.readings.length > 0 ? 'inHand' : 'open', 'nothing read yet');
    const { verdict, governingVolts } = reference.judgement;
    if (verdict === 'cannotTell') return mark('inHand', 'can’t tell yet');
    return mark('done', governingVolts > 0 ? `door ${governingVolts.toFixed(1)} V at worst` : 'collapses at worst');
  },
  choose: (_job, point) => {
    if (!point.choice) return mark('open', '');
    const treatment = treatmentById(point.choice.data.treatmentId);
    return mark(
      'done',
      [point.choice.data.transformer?.name ?? point.choice.data.tap?.screws, treatment?.name.toLowerCase()]
        .filter(Boolean)
        .join(', '),
    );
  },
  isolate: (job, point, _assessment, who) => {
    const circuits = circuitsOfPoint(job.circuits, point.id);
    const [first = null] = circuits;
    const steps = stepStandings(job, point, who);
    const allDone = steps.length > 0 && steps.every(({ ticked }) => ticked);
    const dead = circuits.length > 0 && circuits.every(({ state }) => state.state === 'provedDead');
    if ((dead && supplyOf(job, point).unnamed !== 'joined') || allDone) return mark('done', circuitWords(first));
    if (!first && point.hunt.tests.length > 0) return mark('inHand', huntWords(job, point));
    return mark(first ? 'inHand' : 'open', circuitWords(first));
  },
  wire: (job, point, _assessment, who) => {
    const steps = stepStandings(job, point, who);
    if (steps.length === 0) return mark('open', '');
    const left = steps.filter(({ ticked }) => !ticked);
    const first = left[0];
    if (!first) return mark('done', `${steps.length} steps`);
    const count = `${steps.length - left.length} of ${steps.length}`;
    if (first.held) return mark('held', `held: ${first.held}`);
    return mark(left.length < steps.length ? 'inHand' : 'open', count);
  },
  mount: (job, point) => {
    const { heightM, level, fixings, seal } = point.mount;
    const done = [heightM, level, fixings, seal].filter((fact) => fact !== undefined).length;
    const words = heightM === undefined ? '' : lengthText(heightM, lengthsOf(job), 'small');
    return mark(done === 4 ? 'done' : done > 0 ? 'inHand' : 'open', words);
  },
  prove: (_job, point) => {
    const checks = checksOf(point);
    const answers = checks.map(({ id }) => point.checks[id]?.data.result);
    const given = answers.filter((result) => result !== undefined).length;
    const failed = answers.filter((result) => result === 'failed').length;
    if (failed > 0) return mark('held', `held: ${failed} failed`);
    if (given === checks.length) return mark('done', `${given} checks`);
    return mark(
      given > 0 || Object.keys(point.waits).length > 0 ? 'inHand' : 'open',
      given > 0 ? `${given} of ${checks.length}` : '',
    );
  },
  leave: (_job, point) => (point.left ? mark('done', 'sheet handed over') : mark('open', '')),
};

/** What differs at a floodlight: its box is measured, its fixture chosen; how it is aimed and proved is not planned here yet. */
const FLOODLIGHT_MARKS: Partial<typeof MARKS> = {
  measure: (_job, point) => {
    const missing = missingAtBox(point);
    const begun = Object.keys(point.box).length + point.cables.length > 0;
    const { feed } = feedCase(boxSurveyOf(point));
    if (missing.length === 0) return mark('done', `feed ${feed ?? ''}, box known`);
    return mark(begun ? 'inHand' : 'open', begun ? `${missing.length} open` : '');
  },
  choose: (_job, point) => (point.fixture ? mark('done', point.fixture.data.fixture.name) : mark('open', '')),
  mount: () => mark('open', ''),
  prove: () => mark('open', ''),
};

/** The eight marks of a point. */
export const ladderOf = (job: Job, point: Point, assessment: Assessment, who: string | null): readonly RungMark[] =>
  RUNGS.map((rung) => {
    const of = (point.kind === 'floodlight' ? FLOODLIGHT_MARKS[rung] : undefined) ?? MARKS[rung];
    return { rung, ...of(job, point, assessment, who) };
  });
