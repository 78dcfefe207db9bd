import { WIFI_WORDS } from '../wifi';
import { bagList } from './bagList';
import { beforeList } from './before';
import { needsTransformer, searchOf, wifiOf } from './finding';
import type { Job, Point } from './job';
import { missingAtLook } from './missing';
import { photosOfPoint } from './photos';

/** Parts of the survey, filled in any order while walking. */
export const AREAS = [
  'before',
  'door',
  'fixture',
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
] as const;
export type Area = (typeof AREAS)[number];

export const AREA_NAMES: Readonly<Record<Area, string>> = {
  before: 'Before',
  door: 'Door',
  fixture: 'Fixture',
  plate: 'Plate',
  view: 'View',
  chime: 'Chime',
  transformer: 'Transformer',
  supply: 'New supply',
  wifi: 'Wi-Fi',
  house: 'House',
  board: 'Board',
  photos: 'Photos',
  bag: 'Bag',
};

/** An area as it stands. */
export interface AreaStanding {
  readonly area: Area;
  readonly state: 'open' | 'inHand' | 'done';
  /** A few words: what is missing, or what was found. */
  readonly words: string;
}

/** Where each of the missing facts is asked. */
export const AREA_OF_MISSING: Readonly<Record<string, Area>> = {
  oldFixture: 'fixture',
  mountedOn: 'fixture',
  fixtureHeightM: 'fixture',
  wasThere: 'door',
  wall: 'door',
  leadReachM: 'plate',
  chimeKind: 'chime',
  transformerPlace: 'transformer',
  toldApart: 'transformer',
  alwaysFed: 'transformer',
  supply: 'supply',
  wifi: 'wifi',
};

type Standing = Omit<AreaStanding, 'area'>;
const standing = (state: AreaStanding['state'], words: string): Standing => ({ state, words });
const counted = (there: number, all: number): Standing =>
  standing(there === all ? 'done' : there > 0 ? 'inHand' : 'open', there === all ? 'done' : `${there} of ${all}`);
const known = (...facts: readonly unknown[]): Standing =>
  counted(facts.filter((fact) => fact !== undefined && fact !== null).length, facts.length);

function transformerWords(job: Job, point: Point, open: number): Standing {
  const { foundAt, place, givenUp } = point.transformer;
  if (givenUp) return standing('done', 'supplied from elsewhere');
  if (foundAt || place) return standing(open === 0 ? 'done' : 'inHand', open === 0 ? 'found' : `${open} to make sure`);
  const { left } = searchOf(job, point);
  const looked = Object.keys(point.looked).length;
  return standing(looked > 0 ? 'inHand' : 'open', `${left.length} places left`);
}

/** A battery needs no route; everything else does. */
const supplyStanding = ({ supply: { from, segments } }: Point): Standing =>
  from === 'battery' ? standing('done', 'battery') : known(from, segments);

/**
 * How every area of a point's survey stands, by its kind: the supply only where there was no bell, the
 * search only where there was.
 */
export function areasOf(job: Job, point: Point): readonly AreaStanding[] {
  const { look, chime } = point;
  const { site } = job;
  const doorbell = point.kind === 'doorbell';
  const missing = missingAtLook(job, point);
  const openIn = (area: Area): number => missing.filter(({ id }) => AREA_OF_MISSING[id] === area).length;
  const before = beforeList(job);
  const bag = bagList(job, point);
  const wifi = wifiOf(job, point);
  const photos = photosOfPoint(job.photos, point.id).length;
  const ways = job.boards.reduce((sum, board) => sum + board.ways.length, 0);
  const all: Readonly<Record<Area, Standing | null>> = {
    before: counted(before.filter(({ state }) => state === 'ready').length, before.length),
    door: doorbell ? known(look.wasThere, look.wall) : null,
    fixture: doorbell ? null : known(look.oldFixture, look.mountedOn, look.fixtureHeightM, look.wall),
    plate: doorbell ? known(look.leadReachM, look.holeHeightM, look.oldMarksM, look.sideClearM) : null,
    view: known(look.shouldSee, look.mustNotSee, look.rain, look.sun, look.nightLight),
    chime: doorbell ? known(chime.chimeKind, chime.place) : null,
    transformer: doorbell && needsTransformer(point) ? transformerWords(job, point, openIn('transformer')) : null,
    supply: look.wasThere === 'nothing' ? supplyStanding(point) : null,
    wifi: wifi
      ? standing(wifi.measured ? 'done' : 'inHand', wifi.measured ? WIFI_WORDS[wifi.word] : 'predicted only')
      : standing('open', 'not read'),
    house: known(site.yearBuilt, site.basement, site.heating, site.boardArea),
    board: standing(ways > 0 ? 'done' : 'open', ways > 0 ? `${ways} ways` : 'not listed'),
    photos: standing(photos > 0 ? 'done' : 'open', photos > 0 ? `${photos}` : 'none'),
    bag: doorbell ? counted(bag.filter(({ answer }) => answer?.state).length, bag.length) : null,
  };
  return AREAS.flatMap((area) => {
    const found = all[area];
    return found ? [{ area, ...found }] : [];
  });
}
