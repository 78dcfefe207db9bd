import { chimeFigures } from '../bell';
import { deviceById } from '../catalogue';
import { GATE_WORDS } from '../isolation';
import { platePlace } from '../mount';
import { jointById, leadById, WIRE_COLOUR_WORDS, type Finding } from '../wiring';
import { builtOf, standingMoves } from './asBuilt';
import type { Assessment } from './assessment';
import { boxDoubts, boxSurveyOf } from './boxOf';
import { findingsOf } from './findings';
import type { Job, Point } from './job';
import { pointSteps } from './planOf';
import { bagList } from './bagList';
import { missingFromCustomer } from './before';
import { diesWithLight, wifiOf } from './finding';
import { supplyOf } from './supplyOf';
import type { Rung } from './rungs';
import { checksOf } from './checks';
import { plateSurveyOf } from './survey';

/** Something open that may cost a return trip. */
export interface Worry {
  readonly id: string;
  readonly rung: Rung;
  readonly words: string;
}

/** From this many on they are told in one line. */
const MANY = 3;

function customerWorries(job: Job): readonly Worry[] {
  const missing = missingFromCustomer(job);
  if (missing.length < MANY) return missing.map(({ id, words }) => ({ id, rung: 'look', words: `${words}.` }));
  const known = missing.filter(({ state }) => state === 'missing');
  const said = known.length > 0 ? ` ${known.map(({ words }) => words).join('. ')}.` : '';
  return [
    { id: 'customer', rung: 'look', words: `${missing.length} things open with the customer before the visit.${said}` },
  ];
}

function plateWorries(point: Point): readonly Worry[] {
  const place = platePlace(plateSurveyOf(point));
  const found: Worry[] = [];
  if (place?.leadShort)
    found.push({ id: 'leadShort', rung: 'look', words: 'The lead is too short: pull slack or bring connectors.' });
  if (place && !place.coversMarks)
    found.push({ id: 'oldMarks', rung: 'look', words: 'Old marks show round the plate: bring a backing plate.' });
  if (place?.onLip)
    found.push({
      id: 'lip',
      rung: 'look',
      words: 'The plate lies across a lip: bring a backing plate or another spot.',
    });
  if (place && place.spacerM > 0)
    found.push({ id: 'proud', rung: 'look', words: 'A sheath or box stands out under the plate: bring a spacer.' });
  if (place?.fitsSide === false)
    found.push({
      id: 'side',
      rung: 'look',
      words: 'The plate does not fit beside the frame: another spot or a spacer.',
    });
  return found;
}

function wifiWorries(job: Job, point: Point): readonly Worry[] {
  const wifi = wifiOf(job, point);
  if (wifi?.word !== 'extender') return [];
  return [{ id: 'wifi', rung: 'look', words: `Wi-Fi: ${wifi.reason} Plan an extender, set up before the device.` }];
}

function surveyWorries(job: Job, point: Point): readonly Worry[] {
  const found: Worry[] = [...wifiWorries(job, point)];
  if (diesWithLight(point)) {
    const light = point.switches.find(({ bellDies }) => bellDies)?.name;
    found.push({
      id: 'switchedFeed',
      rung: 'look',
      words: `The bell dies with ${light ? `“${light}”` : 'a light'}: its feed is switched. Move it before the switch, or label the switch.`,
    });
  }
  const { unnamed } = supplyOf(job, point);
  if (unnamed) found.push({ id: `feed-${unnamed}`, rung: 'isolate', words: `${capital(GATE_WORDS[unnamed])}.` });
  for (const { item, answer } of bagList(job, point))
    if (answer?.state === 'missing' || answer?.state === 'wrong')
      found.push({
        id: `bag-${item.id}`,
        rung: 'look',
        words: `Bag: ${item.words} ${answer.state === 'wrong' ? 'not right' : 'missing'}${answer.note ? ` (${answer.note})` : ''}.`,
      });
  return found;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function supplyWorries(point: Point, assessment: Assessment): readonly Worry[] {
  const { known, reference, survey } = assessment;
  const found: Worry[] = [];
  for (const fit of known.fits.filter(({ contradicts }) => contradicts)) {
    const side = fit.offBy > 0 ? 'over' : 'under';
    found.push({
      id: `contradicts-${fit.id}`,
      rung: 'measure',
      words: `One reading stands ${Math.abs(fit.offBy).toFixed(1)} ${side} what the others allow: read it again.`,
    });
  }
  const { volts } = survey.nameplate;
  if (volts !== null && known.openVolts.high < volts * 1.02)
    found.push({
      id: 'openLow',
      rung: 'measure',
      words: `Open volts at or under the ${volts} V nameplate: wrong pair of screws, a load still on, or a tired transformer.`,
    });
  if (reference.chosen && reference.judgement.verdict !== 'holds')
    found.push({ id: 'chosenVerdict', rung: 'choose', words: `The chosen way: ${reference.judgement.reason}` });
  if (reference.judgement.overRating && known.sourceKnown)
    found.push({
      id: 'overRating',
      rung: 'choose',
      words: 'The transformer runs above its rated current: it warms and ages.',
    });
  if (point.choice && point.choice.data.device.id !== survey.device.id)
    found.push({
      id: 'otherDevice',
      rung: 'choose',
      words: `Chosen for ${deviceById(point.choice.data.device.id)?.name ?? 'another device'}: pick again.`,
    });
  if (reference.chosen && reference.treatment) {
    const chime = chimeFigures(survey, known.houses, reference.change, reference.treatment);
    const pressed = chime?.pressedVolts.likely.toFixed(0);
    if (chime?.rings === 'hammers')
      found.push({
        id: 'hammers',
        rung: 'choose',
        words: `The chime gets ${pressed} V when pressed, made for ${chime.ratedVolts} V: it hammers and heats.`,
      });
    if (chime?.rings === 'weak')
      found.push({
        id: 'weakRing',
        rung: 'choose',
        words: `The chime gets only ${pressed} V when pressed: it may not strike.`,
      });
    if (chime?.hums) found.push({ id: 'hums', rung: 'choose', words: 'The standing current makes the chime hum.' });
  }
  return found;
}

/** What the tests of a box found, what its plan leaves open, and what was counted of room and bag. */
function boxWorries(job: Job, point: Point): readonly Worry[] {
  const doubts = boxDoubts(point).map((words, i): Worry => ({ id: `box-${i}`, rung: 'measure', words }));
  const { found, planned } = findingsOf(job, point);
  const loose = boxSurveyOf(point).cables.flatMap(({ name, conductors }) =>
    conductors
      .filter(({ state }) => state !== 'good')
      .map(({ state, colour }) => `${WIRE_COLOUR_WORDS[colour]} of ${name} ${STATE_FOUND[state]}`),
  );
  const asFound =
    loose.length > 0 ? [{ id: 'asFound', rung: 'measure' as const, words: `As found: ${loose.join(', ')}.` }] : [];
  const noGround = point.fixture === null && found.some(({ rule }) => rule === 'groundWhole');
  const plan = planned.filter(({ severity }) => severity !== 'remark').map(ruleWorry('choose'));
  return [
    ...doubts,
    ...asFound,
    ...(noGround ? found.filter(({ rule }) => rule === 'groundWhole').map(ruleWorry('choose')) : []),
    ...plan,
  ];
}

const STATE_FOUND = { good: '', nicked: 'nicked', brittle: 'brittle', loose: 'lying loose' } as const;

const ruleWorry =
  (rung: Rung) =>
  ({ rule, words, leads }: Finding): Worry => ({ id: `rule-${rule}-${leads.join('+')}`, rung, words });

function workWorries(job: Job, point: Point): readonly Worry[] {
  const { built, byDeviation } = findingsOf(job, point);
  const asBuilt = [...built, ...byDeviation.filter((one) => !built.some(({ words }) => words === one.words))];
  const found: Worry[] = [
    ...asBuilt.filter(({ severity }) => severity !== 'remark').map(ruleWorry('wire')),
    ...standingMoves(point).map(({ entryId, lead, to }): Worry => {
      const wiring = builtOf(point);
      const where = to === null ? 'loose' : `at ${jointById(wiring, to)?.name ?? to}`;
      return {
        id: `moved-${entryId}`,
        rung: 'wire',
        words: `As built, ${leadById(wiring, lead)?.name ?? lead} is ${where}.`,
      };
    }),
  ];
  for (const step of pointSteps(point)) {
    const tick = point.ticks[step.id];
    if (!tick) continue;
    if (!tick.proofStood && tick.how !== 'bySomebodyElse')
      found.push({ id: `unproved-${step.id}`, rung: 'wire', words: `Done without proof of dead: ${step.words}.` });
    if (tick.differs)
      found.push({ id: `differs-${step.id}`, rung: 'wire', words: `As built differs: ${tick.differs}` });
  }
  for (const check of point.kind === 'doorbell' ? checksOf(point) : []) {
    const answer = point.checks[check.id]?.data;
    if (answer?.result === 'failed')
      found.push({ id: `failed-${check.id}`, rung: 'prove', words: `${check.name}: failed. ${answer.reason ?? ''}` });
  }
  for (const other of job.alsoSaid.filter(({ pointId }) => pointId === null || pointId === point.id))
    found.push({
      id: `also-${other.kind}-${other.field}`,
      rung: 'look',
      words: `${other.by.name} also said: ${FIELD_WORDS[other.field] ?? other.field} ${saidWords(other.value)}.`,
    });
  return found;
}

/** A said value in words: a profile by its name, a list by how much it holds. */
function saidWords(value: unknown): string {
  if (Array.isArray(value))
    return value.every((one) => typeof one !== 'object') ? value.join(', ') : `${value.length} of them`;
  if (typeof value === 'object' && value !== null) return 'name' in value ? String(value.name) : 'something else';
  return String(value);
}

/** Fields in words, for “also said”. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  ratedVolts: 'rated volts',
  ratedVa: 'rated VA',
  lengthLowM: 'run in metres',
  lengthHighM: 'run in metres, at most',
  wall: 'wall',
  chimeKind: 'chime',
  heightM: 'height in metres',
  wifiName: 'Wi-Fi name',
  device: 'doorbell',
  deviceId: 'doorbell',
  rearDevice: 'rear doorbell',
  rearDeviceId: 'rear doorbell',
  rear: 'rear door',
  secondChime: 'second chime',
  pair: 'pair of screws',
  taps: 'pairs of screws',
  freeWays: 'free ways',
};

/** Everything open at a point, in the order of the ladder. */
export const worriesOf = (job: Job, point: Point, assessment: Assessment): readonly Worry[] =>
  point.left
    ? workWorries(job, point)
    : point.kind === 'floodlight'
      ? [...customerWorries(job), ...wifiWorries(job, point), ...boxWorries(job, point), ...workWorries(job, point)]
      : [
          ...customerWorries(job),
          ...surveyWorries(job, point),
          ...plateWorries(point),
          ...supplyWorries(point, assessment),
          ...workWorries(job, point),
        ];
