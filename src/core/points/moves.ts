import { said, type Text } from '../said';
import { missingFromCustomer } from '../job/before';
import type { Job } from '../job/job';
import type { NextMove, Rung } from '../kinds/rungs';
import { GATE_WORDS, stepGate, type Asker, type Touches } from '../isolation';
import type { Circuit } from '../house/circuits';
import type { Missing } from './climb';
import { huntOf, wayOfId, wayText } from './hunting';
import type { Point } from './point';
import { holdOf, stepStandings, type StepStanding } from './stepStandings';
import { circuitsOfPoint, fedNames, toCompareAt, unnamedFeed } from './supplyOf';

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

const isOff = ({ state }: Circuit): boolean => state.state === 'off' || state.state === 'provedDead';
const nameOf = ({ way, name }: Circuit): Text => way ?? name ?? said('theCircuit');

/** What Isolate still asks before hands go anywhere; null where all is off, tagged, and proved or guarded. */
export function missingAtIsolate(job: Job, point: Point, who: Asker, touches?: Touches): NextMove | null {
  const { bellSide, plug, breaker } = point.fed;
  const circuits = circuitsOfPoint(job, point);
  if (plug && touches !== 'mains') {
    const reason = bellGateReason(job, point, who);
    if (reason === 'plugNotOut' || reason === 'plugByAnother')
      return move('isolate', said('seePlugOut'), GATE_WORDS[reason]);
    if (reason === 'wasAway') return move('isolate', said('sayWhetherAway'), GATE_WORDS[reason]);
    if (!breaker && reason === null) return null;
  }
  const compare = toCompareAt(job, point);
  if (compare) {
    const [one, other] = compare;
    return move(
      'isolate',
      said('isTheSame', { way: one.way ?? '', fedNames: fedNames(job, other) }),
      said('untilSaidSeen'),
    );
  }
  const onMains = touches === 'mains' || !bellSide;
  const unnamed = unnamedFeed(job, point);
  if (unnamed === 'joined') return move('isolate', said('nameSecondTransformers'), said('joinedTransformersMake'));
  if (unnamed && onMains)
    return move('isolate', said('nameSecondFeed', { feed: GATE_WORDS[unnamed] }), said('mainsWorkAsks'));
  const live = circuits.find((circuit) => !isOff(circuit));
  const worksLive = bellSide && touches !== 'mains' && job.policy.bellSide === 'live';
  if (live && !(worksLive && bellGateReason(job, point, who) === null))
    return move(
      'isolate',
      said('switchOffTag', { name: nameOf(live) }),
      bellSide ? said('thenProveBellWires') : said('thenLockIt'),
    );
  for (const circuit of circuits) {
    const { state } = circuit;
    if (state.state !== 'off' && state.state !== 'provedDead') continue;
    if (!state.tagged)
      return move('isolate', said('tagTellHouse', { name: nameOf(circuit) }), said('nobodyHouseShould'));
    if (onMains && state.guard === null)
      return move('isolate', said('lockOff', { name: nameOf(circuit) }), said('whereNoLockFits'));
  }
  if (onMains) return null;
  const reason = bellGateReason(job, point, who);
  if (reason === null) return null;
  if (reason === 'bellIsMains') return move('isolate', said('writeWhyHigh'), GATE_WORDS[reason]);
  const [first] = circuits;
  return move(
    'isolate',
    said('proveDeadBellWires', { name: first ? nameOf(first) : said('theCircuit') }),
    said('betweenTwoLeads'),
  );
}

/** Why the bell side may not be touched; null where it may. */
const bellGateReason = (job: Job, point: Point, who: Asker) =>
  stepGate(job.isolation, holdOf(job, point, { touches: 'bell', role: 'work', place: 'transformer' }), who)[0] ?? null;

/**
 * What Isolate asks next.
 * @param hangs what of the point hangs on the circuit, for a sentence
 */
export function atIsolate(job: Job, point: Point, who: Asker, hangs: string): NextMove {
  const circuits = circuitsOfPoint(job, point);
  // All that feeds it is a plug: no breaker is asked for
  if (circuits.length === 0 && !point.fed.breaker)
    return missingAtIsolate(job, point, who) ?? move('wire', said('goOnAtWire'), said('coverOffIsProof'));
  if (circuits.length === 0)
    return atHunt(job, point) ?? move('isolate', said('nameCircuitHangs', { hangs }), said('whichOnThe'));
  return missingAtIsolate(job, point, who) ?? move('wire', said('goOnAtWire'), said('coverOffIsProof'));
}

/** A held mains step, once all is off and guarded: what its own place asks. */
function atPlace({ step, heldBy, held }: StepStanding, name: Text): NextMove {
  const [by] = heldBy;
  switch (by) {
    case 'wasAway':
      return move('wire', said('sayWhetherAway'), said('longWithoutEntry'));
    case 'notLooked':
      return move('wire', said('sayWhetherSecond'), said('mainsWorkAsks'));
    case 'notProved':
    case 'noMainsProof':
    case 'provedByAnother':
      return move('wire', said('proveDeadConductors', { name }), said('everyPairEachGround'));
    default:
      return move('wire', step.words, held ?? '', true);
  }
}

export function atWire(job: Job, point: Point, who: Asker, hangs: string): NextMove | null {
  const standing = stepStandings(job, point, who).find(({ ticked }) => !ticked);
  if (!standing) return null;
  const { step, held, heldAt } = standing;
  if (held === null) return move('wire', step.words, step.how);
  if (circuitsOfPoint(job, point).length === 0 && heldAt === 'circuit') return atIsolate(job, point, who, hangs);
  const [circuit] = circuitsOfPoint(job, point);
  return (
    (heldAt === 'circuit' || heldAt === 'here' ? missingAtIsolate(job, point, who, step.touches) : null) ??
    atPlace(standing, circuit ? nameOf(circuit) : said('theCircuit'))
  );
}
