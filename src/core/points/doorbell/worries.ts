import { said } from '../../said';
import { chimeFigures } from '../../bell';
import { deviceById } from '../../catalogue';
import type { Job } from '../../job/job';
import { platePlace } from '../../mount';
import type { Standing, Worry } from '../climb';
import { customerWorries, feedWorries, wifiWorries } from '../sharedWorries';
import type { Assessment } from './assessment';
import { bagList } from './bagList';
import type { Doorbell } from './doorbell';
import { missedAtDoor } from './doorMount';
import { notToBeHad } from './premisesOf';
import { plateSurveyOf } from './survey';
import { diesWithLight } from './transformerSearch';

function plateWorries(point: Doorbell): readonly Worry[] {
  const place = platePlace(plateSurveyOf(point));
  const found: Worry[] = [];
  if (place?.leadShort) found.push({ id: 'leadShort', rung: 'look', words: said('leadTooShort') });
  if (place && !place.coversMarks) found.push({ id: 'oldMarks', rung: 'look', words: said('oldMarksShow') });
  if (place?.onLip)
    found.push({
      id: 'lip',
      rung: 'look',
      words: said('plateLiesAcross'),
    });
  if (place && place.spacerM > 0) found.push({ id: 'proud', rung: 'look', words: said('sheathBoxStands') });
  if (place?.fitsSide === false)
    found.push({
      id: 'side',
      rung: 'look',
      words: said('plateDoesNot'),
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
      words: said('bellDiesFeed', { light: light ? `“${light}”` : said('aLight') }),
    });
  }
  found.push(...feedWorries(job, point));
  for (const { item, answer } of bagList(job, point))
    if (answer?.state === 'missing' || answer?.state === 'wrong')
      found.push({
        id: `bag-${item.id}`,
        rung: 'look',
        words: said('bag', {
          item: item.words,
          state: answer.state === 'wrong' ? said('notRight') : said('missing'),
          note: answer.note ? ` (${answer.note})` : '',
        }),
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
      words: said('oneReadingStands', { offBy: Math.abs(fit.offBy), side }),
    });
  }
  const { volts } = survey.nameplate;
  if (volts !== null && known.openVolts.high < volts * 1.02)
    found.push({
      id: 'openLow',
      rung: 'measure',
      words: said('openVoltsUnder', { volts }),
    });
  const gone = notToBeHad(point);
  if (gone !== null) found.push({ id: 'cantBeHad', rung: 'choose', words: said('cantBeHad', { name: gone }) });
  if (reference.chosen && reference.judgement.verdict !== 'holds')
    found.push({
      id: 'chosenVerdict',
      rung: 'choose',
      words: said('chosenWay', { reason: reference.judgement.reason }),
    });
  if (reference.judgement.overRating && known.sourceKnown)
    found.push({
      id: 'overRating',
      rung: 'choose',
      words: said('transformerRunsAbove'),
    });
  if (point.choice && point.choice.data.device.id !== survey.device.id)
    found.push({
      id: 'otherDevice',
      rung: 'choose',
      words: said('chosenPickAgain', {
        deviceById: deviceById(point.choice.data.device.id)?.name ?? said('anotherDevice'),
      }),
    });
  if (reference.chosen && reference.treatment) {
    const chime = chimeFigures(survey, known.houses, reference.change, reference.treatment);
    const pressed = chime?.pressedVolts.likely.toFixed(0);
    if (chime?.rings === 'hammers')
      found.push({
        id: 'hammers',
        rung: 'choose',
        words: said('chimeGetsV', { pressed, ratedVolts: chime.ratedVolts }),
      });
    if (chime?.rings === 'weak')
      found.push({
        id: 'weakRing',
        rung: 'choose',
        words: said('chimeGetsOnly', { pressed }),
      });
    if (chime?.hums) found.push({ id: 'hums', rung: 'choose', words: said('standingCurrentMakes') });
  }
  return found;
}

/** What it misses as it hangs, where another height or wedge would show it. */
function mountWorries(point: Doorbell): readonly Worry[] {
  const missed = missedAtDoor(point);
  if (!missed) return [];
  const { seen, ways } = missed;
  const [way] = ways;
  return [
    {
      id: 'lost-door',
      rung: 'mount',
      words: said('doorMisses', {
        cut: seen.cut.length,
        parcelPercent: Math.round(100 * seen.parcel),
        heightM: way?.lensM ?? 0,
        tiltDeg: way?.tiltDeg ?? 0,
      }),
    },
  ];
}

/** What is open of a door’s survey and choice. */
export const doorbellWorries = ({ job, point, assessment }: Standing<Doorbell>): readonly Worry[] => [
  ...customerWorries(job),
  ...surveyWorries(job, point),
  ...plateWorries(point),
  ...supplyWorries(point, assessment),
  ...mountWorries(point),
];
