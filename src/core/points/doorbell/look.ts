import type { Job } from '../../job/job';
import { PLACE_FACTS } from '../../search';
import { stillOpen, wifiAsked, type Asked } from '../asked';
import type { AreaStanding, Missing } from '../climb';
import { SHARED_AREA_NAMES, counted, inOrder, known, sharedAreas, standing, type AreaState } from '../sharedAreas';
import { bagList } from './bagList';
import type { Doorbell } from './doorbell';
import { chimeKindOf } from './survey';
import { needsTransformer, searchOf } from './transformerSearch';
import { wasThereOf } from './wasThere/register';

/** What “found” still lacks at the transformer: where it is, that it is the bell's, that it is always fed. */
function atTransformer(job: Job, point: Doorbell): readonly Asked[] {
  const { place, foundAt, toldApart, alwaysFed, givenUp } = point.transformer;
  if (!needsTransformer(point) || givenUp) return [];
  const found = place !== undefined || foundAt !== undefined;
  const first = found ? undefined : searchOf(job, point).left[0];
  return [
    {
      id: 'transformerPlace',
      area: 'transformer',
      there: found,
      words: first ? `Look for the transformer: ${PLACE_FACTS[first.id].words}` : 'Say where the transformer is',
      why: first ? PLACE_FACTS[first.id].how : 'It was in none of the usual places.',
    },
    {
      id: 'toldApart',
      area: 'transformer',
      there: !found || toldApart !== undefined,
      words: 'Make sure that it is the bell’s transformer',
      why: 'One of the heating looks alike: same breaker, its label, where its wires go.',
    },
    {
      id: 'alwaysFed',
      area: 'transformer',
      there: !found || alwaysFed !== undefined,
      words: 'Try every switch: does the bell die with a light?',
      why: 'A transformer behind a switch takes the device down with it.',
    },
  ];
}

/** What a supply still lacks where there was no bell. */
const atSupply = (point: Doorbell): Asked => ({
  id: 'supply',
  area: 'supply',
  there: !point.toBeMade || point.supply.from !== undefined,
  words: 'Say where a supply can come from',
  why: 'There was no bell: board, spur, adapter, a light, or battery alone.',
});

export const isUntouchedDoor = ({ look, chime, readings }: Doorbell): boolean =>
  Object.keys(look).length + Object.keys(chime).length + readings.length === 0;

/** What Look still needs at a door, most telling first. */
export const missingAtDoor = (job: Job, point: Doorbell): readonly Missing[] => stillOpen(askedAtDoor(job, point));

function askedAtDoor(job: Job, point: Doorbell): readonly Asked[] {
  return [
    {
      id: 'wasThere',
      area: 'door',
      there: point.look.wasThere !== undefined,
      words: 'Say what was there before',
      why: 'A button means bell wires; nothing means a new supply.',
    },
    {
      id: 'ownCable',
      area: 'door',
      there: !wasThereOf(point.look).asksOwnCable || point.look.ownCable !== undefined,
      words: 'Is its own cable kept, or left in the wall?',
      why: 'Kept, two of its wires feed the doorbell; left, new bell wire is pulled beside it.',
    },
    {
      id: 'chimeKind',
      area: 'chime',
      there: chimeKindOf(point) !== null,
      words: 'Open the chime: which kind is it?',
      why: 'It decides which treatments there are.',
    },
    atSupply(point),
    {
      id: 'wall',
      area: 'door',
      there: point.look.wall !== undefined,
      words: 'Name the wall at the door',
      why: 'Bit, anchors and screw length follow from it.',
    },
    {
      id: 'leadReachM',
      area: 'plate',
      there: point.look.leadReachM !== undefined || !wasThereOf(point.look).hasLead,
      words: 'Pull the lead: how far does it reach?',
      why: 'It decides where the plate can sit.',
    },
    ...atTransformer(job, point),
    wifiAsked(point),
  ];
}

/** Areas of a door’s survey; their forms are in `ui/points/doorbell`. */
export const DOOR_AREA_NAMES = {
  ...SHARED_AREA_NAMES,
  door: 'Door',
  plate: 'Plate',
  chime: 'Chime',
  transformer: 'Transformer',
  supply: 'New supply',
  bag: 'Bag',
} as const;
export type DoorArea = keyof typeof DOOR_AREA_NAMES;
const ORDER = [
  'before',
  'door',
  'plate',
  'view',
  'chime',
  'transformer',
  'supply',
  'wifi',
  'house',
  'board',
  'photos',
  'bag',
] as const satisfies readonly DoorArea[];

function transformerWords(job: Job, point: Doorbell, open: number): AreaState {
  const { foundAt, place, givenUp } = point.transformer;
  if (givenUp) return standing('done', 'supplied from elsewhere');
  if (foundAt || place) return standing(open === 0 ? 'done' : 'inHand', open === 0 ? 'found' : `${open} to make sure`);
  const { left } = searchOf(job, point);
  const looked = Object.keys(point.looked).length;
  return standing(looked > 0 ? 'inHand' : 'open', `${left.length} places left`);
}

/** A battery needs no route; everything else does. */
const supplyStanding = ({ supply: { from, segments } }: Doorbell): AreaState =>
  from === 'battery' ? standing('done', 'battery') : known(from, segments);

/** How every area of a door’s survey stands: the supply only where there was no bell, the search only where there was. */
export function doorAreas(job: Job, point: Doorbell): readonly AreaStanding[] {
  const { look, chime } = point;
  const openAtTransformer = missingAtDoor(job, point).filter(({ area }) => area === 'transformer').length;
  const bag = bagList(job, point);
  return inOrder(
    DOOR_AREA_NAMES,
    {
      ...sharedAreas(job, point),
      door: known(look.wasThere, look.wall),
      plate: known(look.leadReachM, look.holeHeightM, look.oldMarksM, look.sideClearM),
      chime: point.toBeMade ? null : known(chime.chimeKind, chime.place),
      transformer: needsTransformer(point) ? transformerWords(job, point, openAtTransformer) : null,
      supply: point.toBeMade ? supplyStanding(point) : null,
      bag: counted(bag.filter(({ answer }) => answer?.state).length, bag.length),
    },
    ORDER,
  );
}
