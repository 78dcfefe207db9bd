import { said, type Text } from '../said';
import { missingFromCustomer } from '../job/before';
import type { Job } from '../job/job';
import type { NextMove, Rung } from '../kinds/rungs';
import type { Touches } from '../wiring';
import type { Missing } from './climb';
import { huntOf, wayOfId, wayText } from './hunting';
import type { Point } from './point';
import { stepStandings } from './stepStandings';
import { circuitsOfPoint, fedNames, supplyOf, toCompareAt } from './supplyOf';

export const move = (rung: Rung, words: Text, why: Text, held = false): NextMove => ({ rung, words, why, held });

/** So many ways are named in a move; the rest is counted. */
const MOST_NAMED = 6;

/** From this many open things on the customer is asked first. */
const MANY_OPEN = 5;

/** The first that Look misses; before anything was said of a point, what the customer still has to bring. */
export function atLook(job: Job, missing: readonly Missing[], untouched: boolean): NextMove | null {
  const customer = missingFromCustomer(job);
  if (untouched && customer.length >= MANY_OPEN)
    return move('look', said('goThroughBefore'), said('thingsOpenBefore', { customerCount: customer.length }));
  const [first] = missing;
  return first ? move('look', first.words, first.why) : null;
}

/** The hunt's next test, once a board is listed and one was begun. */
function atHunt(job: Job, point: Point): NextMove | null {
  const hunt = huntOf(job, point);
  if (hunt.state === 'noBoard') return null;
  const begun = point.hunt.tests.length > 0 || point.hunt.people !== undefined;
  if (!begun) return null;
  if (hunt.state === 'contradicts') return move('isolate', said('takeAnswerHunt'), said('theyLeaveNo'));
  if (hunt.state === 'hunting') {
    const ways = (hunt.drop ?? [])
      .flatMap((id) => wayOfId(job, id)?.way ?? [])
      .sort((a, b) => a.localeCompare(b, 'en', { numeric: true }));
    return move(
      'isolate',
      said('dropWays', { ways: ways.slice(0, MOST_NAMED), more: Math.max(0, ways.length - MOST_NAMED) }),
      said('leftAboutMore', {
        leftCount: hunt.left.length,
        expectedTests: Math.max(1, Math.round(hunt.expectedTests)),
        expectedMinutes: Math.max(1, Math.round(hunt.expectedMinutes)),
      }),
    );
  }
  const way = hunt.found === null ? null : wayOfId(job, hunt.found);
  if (way) return move('isolate', said('nameCircuit', { way: wayText(job, way) }), said('foundPaperStill'));
  return move(
    'isolate',
    hunt.state === 'elsewhere' ? said('listAnotherBoard') : said('askWhetherKept'),
    said('noneWaysMay'),
  );
}

/**
 * What Isolate asks next.
 * @param hangs what of the point hangs on the circuit, for a sentence
 * @param touches what the step that waits for it touches; left out where none waits yet
 */
export function atIsolate(job: Job, point: Point, hangs: string, touches?: Touches): NextMove {
  const { bellSide } = point.fed;
  const circuits = circuitsOfPoint(job, point);
  const [first] = circuits;
  if (!first) return atHunt(job, point) ?? move('isolate', said('nameCircuitHangs', { hangs }), said('whichOnThe'));
  const compare = toCompareAt(job, point);
  if (compare) {
    const [one, other] = compare;
    return move(
      'isolate',
      said('isTheSame', { way: one.way ?? '', fedNames: fedNames(job, other) }),
      said('untilSaidSeen'),
    );
  }
  const { unnamed, lookedForOthers } = supplyOf(job, point);
  if (unnamed === 'joined') return move('isolate', said('nameSecondTransformers'), said('joinedTransformersMake'));
  const circuit = circuits.find(({ state }) => state.state !== 'provedDead') ?? first;
  const name = circuit.way ?? circuit.name ?? said('theCircuit');
  if (circuit.state.state === 'provedDead' && touches === 'bell' && bellSide)
    return move('isolate', said('proveDeadBell', { name }), said('mainsProofMains'));
  if (circuit.state.state === 'provedDead' && circuit.state.mains && touches === 'mains' && !lookedForOthers)
    return move('isolate', said('sayWhetherSecond'), said('mainsWorkAsks'));
  if (circuit.state.state === 'provedDead')
    return move('isolate', said('proveDeadMains', { name }), said('veryConductorsTouches'));
  const notTagged = circuit.state.state === 'off' && !circuit.state.tagged;
  if (circuit.state.state === 'off' && !notTagged)
    return bellSide
      ? move('isolate', said('proveDeadBellWires', { name }), said('betweenTwoLeads'))
      : move('isolate', said('proveDeadConductors', { name }), said('everyPairEachGround'));
  return notTagged
    ? move('isolate', said('tagTellHouse', { name }), said('nobodyHouseShould'))
    : move(
        'isolate',
        said('switchOffTag', { name }),
        bellSide ? said('thenProveBellWires') : said('thenProveConductors'),
      );
}

export function atWire(job: Job, point: Point, who: string | null, hangs: string): NextMove | null {
  const standing = stepStandings(job, point, who).find(({ ticked }) => !ticked);
  if (!standing) return null;
  const { step, held } = standing;
  return held ? atIsolate(job, point, hangs, step.touches) : move('wire', step.words, step.how);
}
