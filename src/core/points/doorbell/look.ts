import { answerName } from '../../kinds/factText';
import { said } from '../../said';
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
      words: first
        ? said('lookTransformer', { id: answerName('transformerDescribed', 'foundAt', first.id) })
        : said('sayTransformer'),
      why: first ? PLACE_FACTS[first.id].how : said('noneUsualPlaces'),
    },
    {
      id: 'toldApart',
      area: 'transformer',
      there: !found || toldApart !== undefined,
      words: said('makeSureBells'),
      why: said('oneHeatingLooks'),
    },
    {
      id: 'alwaysFed',
      area: 'transformer',
      there: !found || alwaysFed !== undefined,
      words: said('tryEverySwitch'),
      why: said('transformerBehindSwitch'),
    },
  ];
}

/** What a supply still lacks where there was no bell. */
const atSupply = (point: Doorbell): Asked => ({
  id: 'supply',
  area: 'supply',
  there: !point.toBeMade || point.supply.from !== undefined,
  words: said('saySupplyCan'),
  why: said('noBellBoard'),
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
      words: said('sayBefore'),
      why: said('buttonMeansBell'),
    },
    {
      id: 'ownCable',
      area: 'door',
      there: !wasThereOf(point.look).asksOwnCable || point.look.ownCable !== undefined,
      words: said('ownCableKept'),
      why: said('keptTwoWires'),
    },
    {
      id: 'chimeKind',
      area: 'chime',
      there: chimeKindOf(point) !== null,
      words: said('openChimeKind'),
      why: said('decidesTreatments'),
    },
    atSupply(point),
    {
      id: 'wall',
      area: 'door',
      there: point.look.wall !== undefined,
      words: said('nameWallDoor'),
      why: said('bitAnchorsScrew'),
    },
    {
      id: 'leadReachM',
      area: 'plate',
      there: point.look.leadReachM !== undefined || !wasThereOf(point.look).hasLead,
      words: said('pullLeadHow'),
      why: said('decidesPlateCan'),
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
  supply: said('newSupplyArea'),
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
  'plan',
  'board',
  'photos',
  'bag',
] as const satisfies readonly DoorArea[];

function transformerWords(job: Job, point: Doorbell, open: number): AreaState {
  const { foundAt, place, givenUp } = point.transformer;
  if (givenUp) return standing('done', said('suppliedElsewhere'));
  if (foundAt || place)
    return standing(open === 0 ? 'done' : 'inHand', open === 0 ? said('found') : said('makeSure', { open }));
  const { left } = searchOf(job, point);
  const looked = Object.keys(point.looked).length;
  return standing(looked > 0 ? 'inHand' : 'open', said('placesLeft', { leftCount: left.length }));
}

/** A battery needs no route; everything else does. */
const supplyStanding = ({ supply: { from, segments } }: Doorbell): AreaState =>
  from === 'battery' ? standing('done', said('battery')) : known(from, segments);

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
