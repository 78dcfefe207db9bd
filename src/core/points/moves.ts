import { missingFromCustomer } from '../job/before';
import type { Job } from '../job/job';
import { regionOf } from '../job/region';
import type { NextMove, Rung } from '../kinds/rungs';
import type { Touches } from '../wiring';
import type { Missing } from './climb';
import { huntOf, wayOfId, wayText } from './hunting';
import type { Point } from './point';
import { stepStandings } from './stepStandings';
import { circuitsOfPoint, fedNames, supplyOf, toCompareAt } from './supplyOf';

export const move = (rung: Rung, words: string, why: string, held = false): NextMove => ({ rung, words, why, held });

/** From this many open things on the customer is asked first. */
const MANY_OPEN = 5;

/** The first that Look misses; before anything was said of a point, what the customer still has to bring. */
export function atLook(job: Job, missing: readonly Missing[], untouched: boolean): NextMove | null {
  const customer = missingFromCustomer(job);
  if (untouched && customer.length >= MANY_OPEN)
    return move(
      'look',
      'Go through the before list with the customer',
      `${customer.length} things open before the visit: Wi-Fi, account, phone, who is home.`,
    );
  const [first] = missing;
  return first ? move('look', first.words, first.why) : null;
}

/** The hunt's next test, once a board is listed and one was begun. */
function atHunt(job: Job, point: Point): NextMove | null {
  const hunt = huntOf(job, point);
  if (hunt.state === 'noBoard') return null;
  const begun = point.hunt.tests.length > 0 || point.hunt.people !== undefined;
  if (!begun) return null;
  if (hunt.state === 'contradicts') return move('isolate', 'Take an answer of the hunt back', 'They leave no way.');
  if (hunt.state === 'hunting') {
    const { words } = regionOf(job);
    const ways = (hunt.drop ?? [])
      .flatMap((id) => wayOfId(job, id)?.way ?? [])
      .sort((a, b) => a.localeCompare(b, 'en', { numeric: true }));
    return move(
      'isolate',
      `Drop ${words.way}${ways.length === 1 ? '' : 's'} ${ways.slice(0, 6).join(', ')}${ways.length > 6 ? ` and ${ways.length - 6} more` : ''}`,
      `${hunt.left.length} left; about ${Math.max(1, Math.round(hunt.expectedTests))} more tests, ${Math.max(1, Math.round(hunt.expectedMinutes))} min.`,
    );
  }
  const way = hunt.found === null ? null : wayOfId(job, hunt.found);
  if (way) return move('isolate', `Name ${wayText(job, way)} as the circuit`, 'Found on paper: it is still proved.');
  return move(
    'isolate',
    hunt.state === 'elsewhere' ? 'List another board' : 'Ask whether a kept way may be dropped',
    'None of the ways that may be dropped feeds it.',
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
  const { words } = regionOf(job);
  const [first] = circuits;
  if (!first)
    return (
      atHunt(job, point) ??
      move('isolate', `Name the circuit the ${hangs} hangs on`, `Which ${words.way} on the ${words.board}?`)
    );
  const compare = toCompareAt(job, point);
  if (compare) {
    const [one, other] = compare;
    return move(
      'isolate',
      `Is ${one.way ?? ''} the same ${words.way} as at ${fedNames(job, other)}?`,
      'Until it is said, what is seen of one ends the proof of the other.',
    );
  }
  const { unnamed, lookedForOthers } = supplyOf(job, point);
  if (unnamed === 'joined')
    return move('isolate', 'Name the second transformer’s circuit too', 'Joined transformers make each other live.');
  const circuit = circuits.find(({ state }) => state.state !== 'provedDead') ?? first;
  const name = circuit.way ?? circuit.name ?? 'the circuit';
  if (circuit.state.state === 'provedDead' && touches === 'bell' && bellSide)
    return move('isolate', `Prove ${name} dead at the bell wires too`, 'Its mains proof is of the mains side alone.');
  if (circuit.state.state === 'provedDead' && circuit.state.mains && touches === 'mains' && !lookedForOthers)
    return move(
      'isolate',
      'Say whether a second circuit or a shared neutral is in its box',
      'Mains work asks for both.',
    );
  if (circuit.state.state === 'provedDead')
    return move('isolate', `Prove ${name} dead on its mains side`, 'At the very conductors, by whoever touches them.');
  const notTagged = circuit.state.state === 'off' && !circuit.state.tagged;
  if (circuit.state.state === 'off' && !notTagged)
    return bellSide
      ? move('isolate', `Prove ${name} dead at the bell wires`, 'Between the two leads, and from each to earth.')
      : move(
          'isolate',
          `Prove ${name} dead at its conductors`,
          'Every pair, each to ground, by whoever does the work.',
        );
  return notTagged
    ? move('isolate', `Tag ${name}, tell the house`, 'Nobody in the house should turn it on.')
    : move(
        'isolate',
        `Switch off ${name} and tag it`,
        bellSide ? 'Then prove it dead at the bell wires.' : 'Then prove it dead at its conductors.',
      );
}

export function atWire(job: Job, point: Point, who: string | null, hangs: string): NextMove | null {
  const standing = stepStandings(job, point, who).find(({ ticked }) => !ticked);
  if (!standing) return null;
  const { step, held } = standing;
  return held ? atIsolate(job, point, hangs, step.touches) : move('wire', step.words, step.how);
}
