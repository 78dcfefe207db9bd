import { doorbellWords } from '@/words/screens';
import { said } from '@/core/said';
import { sayIn, type Say } from '@/words';
import { fallingVolts, newOpenVolts, type Band, type Judgement } from '@/core/bell';
import { STATE_WORDS, type LastingState } from '@/core/catalogue';
import { lengthsOf, placeOf, regionOf, type Job } from '@/core/job';
import { hasWiredChime, type Assessment, type Doorbell, type TakenReading } from '@/core/points';
import { lowerFirst, gaugeText, lengthText } from '@/core/units';
import { DRAFT_ID } from '../../log/draft';
import { readingFigure } from '../../figures/readingWords';
import { volts, voltsOrCollapse } from '../../figures/words';
import type { LoopPlate, LoopWords } from '../../drawing/BellLoop';
import { format, parseISO } from 'date-fns';

const latest = (point: Doorbell, test: (data: TakenReading['data']) => boolean): TakenReading | undefined =>
  point.readings.findLast(({ data }) => test(data));

const readPlate = (label: string, { entryId, data, at, by }: TakenReading, field: string): LoopPlate => ({
  label: `${label}, ${entryId === DRAFT_ID ? doorbellWords.typed : doorbellWords.read({ at: format(parseISO(at), 'HH:mm') })}`,
  figure: readingFigure(data),
  more: by.name,
  kind: 'read',
  field,
});

const workedPlate = (label: string, band: Band, field: string): LoopPlate => ({
  label,
  figure: voltsOrCollapse(band.likely),
  // “collapses” fills the plate: how high the luckiest house stands is in the falling line
  more:
    band.likely === 0 || band.high === 0
      ? ''
      : `${band.low > 0 ? band.low.toFixed(1) : doorbellWords.none} … ${band.high.toFixed(1)}`,
  kind: 'worked',
  field,
});

const askedPlate = (label: string, field: string): LoopPlate => ({
  label,
  figure: '___ V',
  more: '',
  kind: 'asked',
  field,
});

function rearWords({ chime }: Doorbell, { others: [other] }: Judgement, say: Say): LoopWords['rear'] {
  if (other)
    return {
      name: other.id === 'rear' ? doorbellWords.rearDoor : say(other.name).slice(0, 14),
      volts: doorbellWords.worst({ likely: voltsOrCollapse(other.low.likely) }),
    };
  return chime.rear === 'button' ? { name: doorbellWords.rearDoor, volts: doorbellWords.aButton } : null;
}

/** Everything that stands on the drawing of a point's loop, in one lasting state of the device. */
export function loopWords(
  job: Job,
  point: Doorbell,
  assessment: Assessment,
  state: LastingState,
  say: Say = sayIn(placeOf(job)),
): LoopWords {
  const { known, survey, reference } = assessment;
  // A plate may come first; on the drawing stands what the meter reads next
  const asked = assessment.advice().next.find(({ id }) => id !== 'nameplate')?.id;
  const stops = fallingVolts(known, reference.change, state);
  const none: Band = { low: 0, likely: 0, high: 0 };
  const [, screws = none, trans = none, front = none, door = none] = stops.map(({ band }) => band);
  const terminal = ({ likely }: Band): string => (likely > 0 ? volts(likely) : '–');
  const stretch = (run: 'toChime' | 'toDoor') => {
    const { lengthM, gauge } = survey.runs[run];
    // No run is there, and nothing is said of it
    if (lengthM?.high === 0) return { words: '', ohms: '' };
    const ohms = known[run === 'toChime' ? 'toChimeOhms' : 'toDoorOhms'];
    return {
      words: [
        lengthM ? lengthText((lengthM.low + lengthM.high) / 2, lengthsOf(job)) : doorbellWords.lengthGuessed,
        gauge ? gaugeText(gauge) : null,
        run === 'toDoor' && point.runs.toDoor.straightM !== undefined ? doorbellWords.backStraight : null,
      ]
        .filter((part) => part !== null)
        .join(' · '),
      ohms: `${ohms.likely.toFixed(2)} Ω`,
    };
  };
  const { mains } = regionOf(job);
  const mainsAt = (percent: number): string => (mains.nominalVolts * (1 + percent / 100)).toFixed(0);
  const open = latest(point, (data) => data.what === 'volts' && data.state === 'open');
  const running = latest(
    point,
    (data) => data.what === 'volts' && data.at === 'door' && data.state === state && !reference.chosen,
  );
  const { volts: plateVolts, va } = survey.nameplate;
  const { transformer } = reference.change;
  return {
    nameplate: transformer
      ? `${transformer.ratedVolts} V ${transformer.ratedVa} VA`
      : point.toBeMade
        ? doorbellWords.toBeMade
        : `${plateVolts ?? '?'} V ${va ?? '?'} VA`,
    chime:
      (reference.treatment && lowerFirst(say(reference.treatment.name))) ??
      (survey.chime.kind ? say(said('chimeKind', { kind: survey.chime.kind })) : undefined) ??
      doorbellWords.asItIs,
    door: point.name.slice(0, 14),
    draw: `${survey.device.watts[state].toFixed(1)} W ${STATE_WORDS[state].replace('live ', '')}`.slice(0, 20),
    toChime: stretch('toChime'),
    toDoor: stretch('toDoor'),
    trans: terminal(trans),
    front: terminal(front),
    hasChime: hasWiredChime(point),
    twoChimes: point.chime.secondChime === 'yes',
    rear: rearWords(point, reference.judgement, say),
    conditions: [
      doorbellWords.wiresAtWarmest({ state: STATE_WORDS[state] }),
      doorbellWords.mainsAtItsLowest({
        mainsAt: mainsAt(mains.lowPercent),
        nominalVolts: mains.nominalVolts,
      }),
    ],
    plates: {
      open: transformer
        ? workedPlate(doorbellWords.openWorkedOut, newOpenVolts(known, transformer), 'reading-open')
        : open
          ? readPlate('open', open, 'reading-open')
          : asked === 'openVolts'
            ? askedPlate(doorbellWords.openVolts, 'reading-open')
            : workedPlate(doorbellWords.openWorkedOut, known.openVolts, 'reading-open'),
      screws: workedPlate(doorbellWords.screwsRunning, screws, 'reading-running'),
      door: running
        ? readPlate('running', running, 'reading-running')
        : asked === 'deviceVolts'
          ? askedPlate(doorbellWords.whileItRuns, 'reading-running')
          : workedPlate(doorbellWords.doorWorkedOut, door, 'reading-running'),
    },
  };
}
