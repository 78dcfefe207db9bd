import { boxRoom } from '../../junction';
import type { Job } from '../../job/job';
import { regionOf } from '../../job/region';
import type { DoorHangs, SaidHangs } from '../../house/things';
import { boxSurveyOf } from '../boxOf';
import type { PointBuild } from '../build';
import type { PointView } from '../pointView';
import type { Doorbell } from './doorbell';
import { doorInHouse } from './inHouse';
import { doorStandsNow } from './standsNow';
import { surveyOf } from './survey';
import { TRANSFORMER_ADDED } from './transformerBox';
import { diesWithLight } from './transformerSearch';
import { foundBellOf, wiringPlan } from './wiringPlan';

/** The chime’s screw that no door is told to hang on; the front one where both are taken. */
function freeTerminal(job: Job, chimeId: string): 'Front' | 'Rear' {
  const taken = job.points.flatMap(({ hangs }) => (hangs.chimeId === chimeId ? hangs.terminal : []));
  return taken.includes('Front') && !taken.includes('Rear') ? 'Rear' : 'Front';
}

/** Where nobody said what a door hangs on, it has things of its own. */
const doorHangs = (id: string, { supplyId, chimeId, terminal, boxId }: SaidHangs): DoorHangs => ({
  supplyId: supplyId ?? id,
  chimeId: chimeId ?? id,
  terminal: terminal ?? 'Front',
  boxId: boxId ?? id,
});

/** What feeds a door: a plug, a breaker, or a plug that a transformer on a breaker comes instead of. */
function fedBy(
  toBeMade: boolean,
  { plugged, joined }: Doorbell['transformer'],
  chime: Doorbell['chime'],
  feed: Doorbell['feed'],
): PointView['fed'] {
  const chosen = feed?.transformer ?? null;
  // In a chime’s own housing it hangs on the house’s wires, whatever was said of it
  const isPlugged = plugged === 'yes' && chime.chimeKind !== 'boxedMains';
  const plug = toBeMade ? (chosen?.fit === 'plugIn' ? 'new' : null) : isPlugged ? 'found' : null;
  return { bellSide: true, plug, breaker: plug === null || chosen?.mainsWork === true, joined };
}

export const doorbellBuild: PointBuild<Doorbell> = {
  hangs: doorHangs,
  doorsToShareWith: ({ points }) =>
    points.filter((point): point is Doorbell => point.kind === 'doorbell' && point.supply.from !== 'battery'),
  newHangs(job, newId, shared) {
    if (!shared || shared.shares === 'nothing')
      return { supplyId: newId(), chimeId: newId(), terminal: 'Front', boxId: newId() };
    const { supplyId, chimeId, boxId } = shared.door.hangs;
    return shared.shares === 'chime'
      ? { supplyId, chimeId, terminal: job ? freeTerminal(job, chimeId) : 'Front', boxId }
      : { supplyId, chimeId: newId(), terminal: 'Front', boxId };
  },
  view(plain, { hangs, choice, bag, readings, runToDoor }, { supply, chime, feed, sharesChime, toBeMade }) {
    const transformer = supply?.transformer ?? {};
    return {
      ...plain,
      kind: 'doorbell',
      hangs: doorHangs(plain.id, hangs),
      fed: fedBy(toBeMade, transformer, chime?.facts ?? {}, feed),
      boxHeld: 'nothing',
      transformer,
      looked: supply?.looked ?? {},
      switches: supply?.switches ?? [],
      supply: supply?.planned ?? {},
      bag,
      runs: { toChime: chime?.run ?? {}, toDoor: runToDoor },
      chime: chime?.facts ?? {},
      readings,
      choice:
        choice && feed ? { ...choice, data: { ...choice.data, transformer: feed.transformer, tap: feed.tap } } : choice,
      feed,
      sharesChime,
      toBeMade,
    };
  },
  plan: (point) => (point.choice ? wiringPlan(point, point.choice.data) : null),
  opening: () => [],
  found: (point) => foundBellOf(point),
  isFoundKnown: () => true,
  besideWiring: (job, point) => ({
    groundDecision: null,
    fixture: null,
    // Of the box that a new transformer is to sit on
    room:
      point.choice?.data.transformer?.fit === 'onBox'
        ? boxRoom(boxSurveyOf(point), TRANSFORMER_ADDED, regionOf(job).boxRoom)
        : null,
    load: null,
    box: null,
    outlet: [],
    connectors: null,
  }),
  bellSurvey: (job, point, counts) => surveyOf(job, { ...point, readings: point.readings.filter(counts) }),
  readings: ({ readings }) => readings,
  splices: () => [],
  placeName: ({ chime, transformer }, place) =>
    place === 'chime' ? chime.place : place === 'transformer' ? transformer.place : undefined,
  huntClues: (point) => ({
    diesWithLight: diesWithLight(point),
    transformerAt: point.transformer.foundAt ?? null,
  }),
  inHouse: doorInHouse,
  standsNow: doorStandsNow,
  searchWords: ({ choice }) => [choice?.data.device.name, choice?.data.transformer?.name],
};
