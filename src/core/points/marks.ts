import { said, type Text } from '../said';
import { CIRCUIT_STATE_WORDS } from '../isolation';
import type { Circuit } from '../house/circuits';
import type { Job } from '../job/job';
import type { RungState } from '../kinds/rungs';
import type { Mark, Standing } from './climb';
import { huntOf } from './hunting';
import { planOf } from './planOf';
import type { Point } from './point';
import { stateAt } from './stateAt';
import { stepStandings } from './stepStandings';
import { missingAtIsolate } from './moves';
import { circuitsOfPoint } from './supplyOf';

export const mark = (state: RungState, words: Text): Mark => ({ state, words });

const circuitWords = (point: Point, circuit: Circuit | null): Text =>
  circuit
    ? said('circuitStands', {
        circuit: circuit.way ?? circuit.name ?? said('theCircuit'),
        state: CIRCUIT_STATE_WORDS[stateAt(point, circuit).state],
      })
    : '';

function huntWords(job: Job, point: Point): Text {
  const hunt = huntOf(job, point);
  return hunt.state === 'hunting' ? said('huntLeft', { leftCount: hunt.left.length }) : said('hunt');
}

/** Isolate, the same for whatever hangs on a circuit. */
export function isolateMark({ job, point, who }: Standing<Point>): Mark {
  if (!point.fed.breaker && !point.fed.bellSide) return mark('done', said('plugNoBreaker'));
  const circuits = circuitsOfPoint(job, point);
  const [first = null] = circuits;
  const steps = stepStandings(job, point, who);
  const allDone = planOf(point) !== null && steps.every(({ ticked }) => ticked);
  if (allDone || ((circuits.length > 0 || !point.fed.breaker) && missingAtIsolate(job, point, who) === null))
    return mark('done', first || point.fed.breaker ? circuitWords(point, first) : said('plugNoBreaker'));
  if (!point.fed.breaker && circuits.length === 0) return mark('open', said('plugToPull'));
  if (!first && point.hunt.tests.length > 0) return mark('inHand', huntWords(job, point));
  return mark(first ? 'inHand' : 'open', circuitWords(point, first));
}

/** Wire, by the ticks of the plan. */
export function wireMark({ job, point, who }: Standing<Point>): Mark {
  const steps = stepStandings(job, point, who);
  if (steps.length === 0) return mark('open', '');
  const left = steps.filter(({ ticked }) => !ticked);
  const first = left[0];
  if (!first) return mark(planOf(point) ? 'done' : 'inHand', said('stepsDone', { steps: steps.length }));
  const count = said('stepsOfAll', { stepsCount: steps.length - left.length, stepsCount2: steps.length });
  if (first.held) return mark('held', said('held', { held: first.held }));
  return mark(left.length < steps.length ? 'inHand' : 'open', count);
}

export const leaveMark = ({ left }: Point): Mark => (left ? mark('done', said('sheetHandedOver')) : mark('open', ''));
