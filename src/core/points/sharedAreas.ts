import { said, type Text } from '../said';
import type { Job } from '../job/job';
import { beforeList } from '../job/before';
import { photosOfPoint } from '../job/photos';
import { WIFI_WORDS } from '../wifi';
import type { AreaStanding } from './climb';
import type { PointView } from './pointView';
import { wifiOf } from './wifi';

export type AreaState = Pick<AreaStanding, 'state' | 'words'>;
export const standing = (state: AreaStanding['state'], words: Text): AreaState => ({ state, words });
export const counted = (there: number, all: number): AreaState =>
  standing(
    there === all ? 'done' : there > 0 ? 'inHand' : 'open',
    there === all ? said('done') : said('factsOfAll', { there, all }),
  );
export const known = (...facts: readonly unknown[]): AreaState =>
  counted(facts.filter((fact) => fact !== undefined && fact !== null).length, facts.length);

/** Areas of Look that every kind of point has, by their ids. */
export const SHARED_AREA_NAMES = {
  before: 'Before',
  view: 'View',
  wifi: 'Wi-Fi',
  house: 'House',
  plan: 'Plan',
  board: 'Board',
  photos: 'Photos',
} as const;
export type SharedArea = keyof typeof SHARED_AREA_NAMES;

/** How the areas stand that every kind of point has. */
export function sharedAreas(job: Job, point: PointView): Readonly<Record<SharedArea, AreaState>> {
  const { look } = point;
  const { site } = job;
  const before = beforeList(job);
  const wifi = wifiOf(job, point);
  const photos = photosOfPoint(job.photos, point.id).length;
  const shapes = job.plan.shapes.length;
  const ways = job.boards.reduce((sum, board) => sum + board.ways.length, 0);
  return {
    before: counted(before.filter(({ state }) => state === 'ready').length, before.length),
    view: known(look.shouldSee, look.mustNotSee, look.rain, look.sun, look.nightLight),
    wifi: wifi
      ? standing(wifi.measured ? 'done' : 'inHand', wifi.measured ? WIFI_WORDS[wifi.word] : said('predictedOnly'))
      : standing('open', said('notRead')),
    plan: standing(
      shapes === 0 ? 'open' : point.onPlan.shapeId === undefined ? 'inHand' : 'done',
      shapes === 0 ? said('notDrawn') : said('thingsDrawn', { shapes }),
    ),
    house: known(site.yearBuilt, site.basement, site.heating, site.boardArea),
    board: standing(ways > 0 ? 'done' : 'open', ways > 0 ? said('waysListed', { ways }) : said('notListed')),
    photos: standing(photos > 0 ? 'done' : 'open', photos > 0 ? `${photos}` : said('none')),
  };
}

/** Areas with their names in an order; those that are not there are left out. */
export const inOrder = <A extends string>(
  names: Readonly<Record<A, Text>>,
  states: Readonly<Record<A, AreaState | null>>,
  order: readonly A[],
): readonly AreaStanding[] =>
  order.flatMap((area) => {
    const state = states[area];
    return state ? [{ area, name: names[area], ...state }] : [];
  });
