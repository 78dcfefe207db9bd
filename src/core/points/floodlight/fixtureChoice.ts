import { said, type Text } from '../../said';
import {
  boxItemsIn,
  boxScrewsIn,
  connectorsIn,
  fixturesIn,
  type Catalogue,
  type FixtureProfile,
  type ScrewThread,
} from '../../catalogue';
import {
  boxRoom,
  feedRemediesFor,
  groundRemediesFor,
  roomCures,
  type FeedRemedy,
  type GroundRemedy,
  type RoomCure,
} from '../../junction';
import { regionPack } from '../../region';
import { boxSurveyOf } from '../boxOf';
import { addedFor, fixtureStanding, poseOf, screwsFor, type FixtureData, type FixtureStanding } from './fixtureOf';
import type { Floodlight } from './floodlight';

/** What is picked for a floodlight; what was not picked yet is the first that there is. */
export interface FixturePicks {
  readonly fixtureId?: string | undefined;
  readonly feedId?: string | undefined;
  readonly groundId?: string | undefined;
  readonly groundWords?: string | undefined;
  /** Null: no more room is made. */
  readonly cureId?: string | null | undefined;
  readonly barM?: number | undefined;
  readonly barThread?: ScrewThread | undefined;
}

/** What there is to pick from, and what follows from the picks. */
export interface FixtureOptions {
  readonly fixtures: readonly FixtureProfile[];
  readonly feeds: readonly FeedRemedy[];
  readonly grounds: readonly GroundRemedy[];
  /** What would give more room, each recomputed. */
  readonly cures: readonly RoomCure[];
  /** The choice as its entry would say it; null while the tests leave no feed. */
  readonly data: FixtureData | null;
  readonly standing: FixtureStanding | null;
  /** What is asked in writing for the picked ground remedy and not said yet. */
  readonly asksInWriting: Text | null;
}

/** Thickness of a cross-bar where it was not measured, m. Engineering default. */
const BAR_M = 0.002;
/** Screws of a bar by the gauge of the place. */
const BAR_THREAD: Readonly<Record<'awg' | 'mm2', ScrewThread>> = { awg: '8-32', mm2: 'M4' };

const picked = <T extends { readonly id: string }>(all: readonly T[], id: string | undefined): T | undefined =>
  all.find((one) => one.id === id) ?? all[0];

/** The picks that a choice was made with. */
export const picksOf = ({ data }: NonNullable<Floodlight['fixture']>): FixturePicks => ({
  fixtureId: data.fixture.id,
  feedId: data.feedId,
  groundId: data.groundId,
  groundWords: data.groundWords ?? undefined,
  cureId: data.cure?.id ?? null,
  barM: data.barM,
  barThread: data.barThread,
});

/** Other cameras that fit the box as it is, in its place: each stands among the cures of its room. */
function camerasThatFit(
  point: Floodlight,
  base: FixtureData,
  fixtures: readonly FixtureProfile[],
): readonly RoomCure[] {
  const survey = boxSurveyOf(point);
  const by = regionPack(point.setting.region).boxRoom;
  return fixtures.flatMap((fixture): readonly RoomCure[] => {
    if (fixture.id === base.fixture.id || !poseOf(point, fixture).can) return [];
    const { inBag, ...profile } = fixture;
    const data: FixtureData = { ...base, fixture: { ...profile, inBag: [...inBag] } };
    const room = boxRoom(survey, addedFor(point, data, fixtureStanding(point, data)), by);
    if (!room?.fits) return [];
    const { id, name, minutes, cost } = fixture;
    return [{ id: `camera-${id}`, name, where: said('pickedUnderCamera'), item: null, room, minutes, cost }];
  });
}

/** Works out what there is for a floodlight’s box, and what the picks come to. */
export function fixtureOptions(point: Floodlight, catalogue: Catalogue, picks: FixturePicks): FixtureOptions {
  const survey = boxSurveyOf(point);
  const pack = regionPack(point.setting.region);
  const items = boxItemsIn(catalogue, pack.id);
  const fixtures = fixturesIn(catalogue);
  const fixture = picked(fixtures, picks.fixtureId);
  const feeds = feedRemediesFor(survey);
  const feed = picked(feeds, picks.feedId);
  const grounds = fixture
    ? groundRemediesFor(survey, fixture.grounded, point.setting.policy.noGround, feed?.id ?? null)
    : [];
  const ground = picked(grounds, picks.groundId);
  const nothing = { fixtures, feeds, grounds, cures: [], data: null, standing: null, asksInWriting: null };
  if (!fixture || !feed || !ground) return nothing;
  const { inBag, ...profile } = fixture;
  const base: FixtureData = {
    pointId: point.id,
    fixture: { ...profile, inBag: [...inBag] },
    feedId: feed.id,
    groundId: ground.id,
    groundWords: ground.inWriting ? (picks.groundWords ?? null) : null,
    cure: null,
    barM: picks.barM ?? BAR_M,
    barThread: picks.barThread ?? BAR_THREAD[pack.gauge],
    barScrew: null,
    plateScrew: null,
    connectors: connectorsIn(catalogue).map((connector) => ({ ...connector })),
  };
  const bare = fixtureStanding(point, base);
  const added = addedFor(point, base, bare);
  const room = boxRoom(survey, added, pack.boxRoom);
  const cures = [
    ...roomCures(survey, added, pack.boxRoom, items),
    ...(room && !room.fits ? camerasThatFit(point, base, fixtures) : []),
  ];
  // What does not fit takes the cheapest ring or box that makes it fit, until another is picked; what does not bear it, or
  // is not for the wet, takes another box
  const unfit = point.box.bears === 'no' || point.box.wetRated === 'no';
  const wanted =
    picks.cureId === undefined && (unfit || (room && !room.fits))
      ? cures.find((cure) => cure.item && cure.room.fits && (!unfit || cure.item.kind === 'deeper'))?.id
      : picks.cureId;
  const item = items.find(({ id }) => id === wanted);
  const cured: FixtureData = {
    ...base,
    cure: item
      ? { id: item.id, name: item.name, kind: item.kind, volumeIn3: item.volumeIn3, depthM: item.depthM }
      : null,
  };
  const screws = screwsFor(point, fixture, cured, boxScrewsIn(catalogue));
  const named = (screw: { readonly name: string; readonly lengthM: number } | null) =>
    screw && { name: screw.name, lengthM: screw.lengthM };
  const data: FixtureData = {
    ...cured,
    barScrew: named(screws.barToBox.screw),
    plateScrew: named(screws.plateToBar.screw),
  };
  return {
    fixtures,
    feeds,
    grounds,
    cures,
    data,
    standing: fixtureStanding(point, data),
    asksInWriting: ground.inWriting && !picks.groundWords?.trim() ? ground.inWriting : null,
  };
}
