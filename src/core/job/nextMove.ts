import type { Assessment } from './assessment';
import { circuitsOfPoint, supplyOf } from './supplyOf';
import type { Job, Point } from './job';
import { ladderOf, stepStandings } from './ladder';
import { missingFromCustomer } from './before';
import { huntOf, wayOfId, wayText } from './hunting';
import { missingAtBox, missingAtLook } from './missing';
import { planStop } from './findings';
import { boxSurveyOf } from './boxOf';
import { feedCase } from '../junction';
import type { NextMove, Rung } from './rungs';
import { checksOf } from './checks';
import { regionOf } from './survey';

const move = (rung: Rung, words: string, why: string, held = false): NextMove => ({ rung, words, why, held });

/** From this many open things on the customer is asked first. */
const MANY_OPEN = 5;

function atLook(job: Job, point: Point): NextMove | null {
  const untouched = Object.keys(point.look).length + Object.keys(point.chime).length === 0;
  const customer = missingFromCustomer(job);
  if (untouched && point.readings.length === 0 && customer.length >= MANY_OPEN)
    return move(
      'look',
      'Go through the before list with the customer',
      `${customer.length} things open before the visit: Wi-Fi, account, phone, who is home.`,
    );
  const missing = missingAtLook(job, point)[0];
  return missing ? move('look', missing.words, missing.why) : null;
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

function atIsolate(job: Job, point: Point): NextMove {
  const circuits = circuitsOfPoint(job.circuits, point.id);
  const { words } = regionOf(job);
  const [first] = circuits;
  if (!first)
    return (
      atHunt(job, point) ??
      move(
        'isolate',
        `Name the circuit the ${point.kind === 'floodlight' ? 'box' : 'transformer'} hangs on`,
        `Which ${words.way} on the ${words.board}?`,
      )
    );
  const onlyMains = point.kind === 'floodlight';
  const { unnamed } = supplyOf(job, point);
  if (unnamed === 'joined')
    return move('isolate', 'Name the second transformer’s circuit too', 'Joined transformers make each other live.');
  const circuit = circuits.find(({ state }) => state.state !== 'provedDead') ?? first;
  const name = circuit.way ?? circuit.name ?? 'the circuit';
  if (circuit.state.state === 'provedDead')
    return move('isolate', `Prove ${name} dead on its mains side`, 'At the very conductors, by whoever touches them.');
  const notTagged = circuit.state.state === 'off' && !circuit.state.tagged;
  if (circuit.state.state === 'off' && !notTagged)
    return onlyMains
      ? move('isolate', `Prove ${name} dead at its conductors`, 'Every pair, each to ground, by whoever does the work.')
      : move('isolate', `Prove ${name} dead at the bell wires`, 'Between the two leads, and from each to earth.');
  return notTagged
    ? move('isolate', `Tag ${name}, tell the house`, 'Nobody in the house should turn it on.')
    : move(
        'isolate',
        `Switch off ${name} and tag it`,
        onlyMains ? 'Then prove it dead at its conductors.' : 'Then prove it dead at the bell wires.',
      );
}

function atWire(job: Job, point: Point, who: string | null): NextMove | null {
  const standing = stepStandings(job, point, who).find(({ ticked }) => !ticked);
  if (!standing) return null;
  const { step, held } = standing;
  return held ? atIsolate(job, point) : move('wire', step.words, step.how);
}

function atProve(job: Job, point: Point): NextMove | null {
  const circuit = circuitsOfPoint(job.circuits, point.id).find(({ state }) => state.state !== 'live');
  if (circuit)
    return move(
      'prove',
      `Switch ${circuit.way ?? circuit.name ?? 'the circuit'} on`,
      'Covers closed, nobody touching, tag off.',
    );
  const checks = checksOf(point);
  const failed = checks.find(({ id }) => point.checks[id]?.data.result === 'failed');
  if (failed)
    return move('prove', `Put right: ${lower(failed.name)}`, point.checks[failed.id]?.data.reason ?? '', true);
  const open = checks.find(({ id }) => !point.checks[id]);
  if (!open) return null;
  if (open.answer.kind === 'wait' && point.waits[open.id])
    return move('prove', 'Wait for the first charge to end', 'Do another point meanwhile.', true);
  return move('prove', open.name, open.how);
}

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** At a floodlight: its survey, its box test by test, its fixture, then the splices. */
function atFloodlight(
  job: Job,
  point: Point,
  look: NextMove | null,
  assessment: Assessment,
  who: string | null,
): NextMove {
  if (point.left) return move('leave', 'Nothing left to do here', 'The sheet is handed over.');
  if (look && !point.fixture) return look;
  const box = missingAtBox(point)[0];
  if (box && !point.fixture) return move('measure', box.words, box.why);
  if (!point.fixture) {
    const { words } = feedCase(boxSurveyOf(point));
    return move('choose', 'Pick the fixture, its feed and its ground', words);
  }
  const stop = planStop(job, point);
  if (stop?.rule === 'twoCircuits') return move('isolate', 'Name the second circuit in the box', stop.words);
  if (stop) return move('choose', 'The plan does not stand', stop.words, point.fixture.data.groundId === 'findOut');
  const state = new Map(ladderOf(job, point, assessment, who).map((mark) => [mark.rung, mark.state]));
  if (state.get('isolate') !== 'done') return atIsolate(job, point);
  return (
    atWire(job, point, who) ??
    move('leave', 'Hand over the sheet', 'Aim and proof of a floodlight are written down by hand so far.')
  );
}

/** The one thing to do next, as the ladder stands: the first rung that is not done says it. */
export function nextMove(job: Job, point: Point, assessment: Assessment, who: string | null): NextMove {
  const look = atLook(job, point);
  if (point.kind === 'floodlight') return atFloodlight(job, point, look, assessment, who);
  if (point.left) return move('leave', 'Nothing left to do here', 'The sheet is handed over.');
  const state = new Map(ladderOf(job, point, assessment, who).map((mark) => [mark.rung, mark.state]));
  if (state.get('look') !== 'done' && look && !point.choice) return look;
  if (!point.choice) {
    const next = assessment.next();
    if (state.get('measure') !== 'done' && next) return move('measure', next.words, next.why);
    return move('choose', 'Pick a way', assessment.reference.judgement.reason);
  }
  if (state.get('isolate') !== 'done') return atIsolate(job, point);
  const wire = atWire(job, point, who);
  if (wire) return wire;
  if (state.get('mount') !== 'done') {
    const { heightM, level, fixings } = point.mount;
    if (heightM === undefined)
      return move('mount', 'Mount it and note its height', 'Over the ground the visitor stands on.');
    if (level === undefined) return move('mount', 'Set it level', 'Top screw first, then the bottom one.');
    return move('mount', fixings === undefined ? 'Note the fixings' : 'Seal it', 'Top and sides, bottom open.');
  }
  return atProve(job, point) ?? move('leave', 'Hand over the sheet', 'Print it, the customer keeps a copy.');
}
