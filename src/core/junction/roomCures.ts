import { said, type Text } from '../said';
import type { BoxItem } from '../catalogue';
import { boxRoom, type Added, type BoxRoom } from './boxRoom';
import type { BoxSurvey } from './boxSurvey';
import { wallFit, type WallFit } from './wallFit';

/** One way to get more room, with the room that it gives. */
export interface RoomCure {
  readonly id: string;
  readonly name: Text;
  /** Where something that is left out is said; of a ring or box, how it sits at the wall. In words, empty for none. */
  readonly where: Text;
  /** How a ring or box sits at the wall; null for what is left out. */
  readonly wall: WallFit | null;
  /** The ring or box that it takes; null where something is left out. */
  readonly item: BoxItem | null;
  readonly room: BoxRoom;
  readonly minutes: number;
  readonly cost: number;
}

/** Whether a cure gives the room and keeps the wall dry. */
export const isCured = ({ room, wall }: Pick<RoomCure, 'room' | 'wall'>): boolean =>
  room.fits && (wall === null || wall.dry === 'yes');

/** How a ring or box sits at the wall, in words; empty where nothing is to be said of it. */
export function wallWords({ proudM, dry }: WallFit): Text {
  const sentences = [
    ...(proudM > 0 ? [said('standsProud', { proudM })] : []),
    ...(dry === 'no' ? [said('noGasketWet')] : dry === 'open' ? [said('gasketNotSaid')] : []),
  ];
  return sentences.length === 0 ? '' : said('together', { sentences });
}

/** Minutes for what is left out instead of added. */
const LEFT_OUT_MINUTES = { outlet: 10, clamps: 15, pigtails: 2 } as const;

/** What a ring or box does to the room: a ring adds to the box, a deeper one takes its place. */
const moreOf = ({ kind, volumeIn3 }: BoxItem, boxIn3: number): number =>
  kind === 'deeper' ? volumeIn3 - boxIn3 : volumeIn3;

/**
 * Everything that would give more room, each recomputed; what changes nothing is left out.
 * @param isWet whether the box is where rain comes
 * @returns what fits the sum and the wall first, then by work and cost
 */
export function roomCures(
  survey: BoxSurvey,
  added: Added,
  by: 'us-314.16' | 'spaceShare',
  items: readonly BoxItem[],
  isWet: boolean,
): readonly RoomCure[] {
  const now = boxRoom(survey, added, by);
  if (!now) return [];
  const cures: RoomCure[] = [];
  const take = (cure: Omit<RoomCure, 'room'>, room: BoxRoom | null): void => {
    if (room && room.spareIn3 > now.spareIn3 + 1e-9) cures.push({ ...cure, room });
  };
  for (const item of items) {
    if (item.shape !== 'any' && survey.shape !== null && item.shape !== survey.shape) continue;
    const { id, name, minutes, cost } = item;
    const wall = wallFit(item, survey, isWet);
    take(
      { id, name, where: wallWords(wall), wall, item, minutes, cost },
      boxRoom(survey, added, by, moreOf(item, now.boxIn3)),
    );
  }
  if (survey.deviceIn === 'outlet' && added.keepsOutlet)
    take(
      {
        id: 'outletOut',
        name: said('loseOutlet'),
        where: said('pickedUnderFeed'),
        wall: null,
        item: null,
        minutes: LEFT_OUT_MINUTES.outlet,
        cost: 0,
      },
      boxRoom(survey, { ...added, keepsOutlet: false }, by),
    );
  if (survey.clamps === 'internal')
    take(
      {
        id: 'clampsOut',
        name: said('clampsOutsideInstead'),
        where: said('changedBoxSaid'),
        wall: null,
        item: null,
        minutes: LEFT_OUT_MINUTES.clamps,
        cost: 3,
      },
      boxRoom({ ...survey, clamps: 'none' }, added, by),
    );
  if (added.pigtails > 0)
    take(
      {
        id: 'noPigtails',
        name: said('noPigtailsGround'),
        where: said('doneLadderPlan'),
        wall: null,
        item: null,
        minutes: LEFT_OUT_MINUTES.pigtails,
        cost: 0,
      },
      boxRoom(survey, { ...added, pigtails: 0 }, by),
    );
  return cures.sort((a, b) => Number(isCured(b)) - Number(isCured(a)) || a.minutes + a.cost - b.minutes - b.cost);
}
