import { chimeFigures } from '../../bell';
import { deviceById } from '../../catalogue';
import type { Job } from '../../job/job';
import { platePlace } from '../../mount';
import type { Standing, Worry } from '../climb';
import { customerWorries, feedWorries, wifiWorries } from '../sharedWorries';
import type { Assessment } from './assessment';
import { bagList } from './bagList';
import { checksOf } from './checks';
import type { Doorbell } from './doorbell';
import { plateSurveyOf } from './survey';
import { diesWithLight } from './transformerSearch';

function plateWorries(point: Doorbell): readonly Worry[] {
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

function surveyWorries(job: Job, point: Doorbell): readonly Worry[] {
  const found: Worry[] = [...wifiWorries(job, point)];
  if (diesWithLight(point)) {
    const light = point.switches.find(({ bellDies }) => bellDies)?.name;
    found.push({
      id: 'switchedFeed',
      rung: 'look',
      words: `The bell dies with ${light ? `“${light}”` : 'a light'}: its feed is switched. Move it before the switch, or label the switch.`,
    });
  }
  found.push(...feedWorries(job, point));
  for (const { item, answer } of bagList(job, point))
    if (answer?.state === 'missing' || answer?.state === 'wrong')
      found.push({
        id: `bag-${item.id}`,
        rung: 'look',
        words: `Bag: ${item.words} ${answer.state === 'wrong' ? 'not right' : 'missing'}${answer.note ? ` (${answer.note})` : ''}.`,
      });
  return found;
}

function supplyWorries(point: Doorbell, assessment: Assessment): readonly Worry[] {
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

/** What failed when it was proved. */
export function failedChecks(point: Doorbell): readonly Worry[] {
  return checksOf(point).flatMap(({ id, name }): readonly Worry[] => {
    const answer = point.checks[id]?.data;
    return answer?.result === 'failed'
      ? [{ id: `failed-${id}`, rung: 'prove', words: `${name}: failed. ${answer.reason ?? ''}` }]
      : [];
  });
}

/** What is open of a door’s survey and choice. */
export const doorbellWorries = ({ job, point, assessment }: Standing<Doorbell>): readonly Worry[] => [
  ...customerWorries(job),
  ...surveyWorries(job, point),
  ...plateWorries(point),
  ...supplyWorries(point, assessment),
];
