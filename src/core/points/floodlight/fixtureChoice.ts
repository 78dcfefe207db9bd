import { said, type Text } from '../../said';
import {
  boxItemsIn,
  boxScrewsIn,
  connectorsIn,
  fixturesIn,
  type BoxItem,
  type Catalogue,
  type FixtureProfile,
  type ScrewThread,
} from '../../catalogue';
import {
  boxRoom,
  feedRemediesFor,
  groundRemediesFor,
  isCured,
  roomCures,
  type FeedRemedy,
  type GroundRemedy,
  type RoomCure,
} from '../../junction';
import { regionPack } from '../../region';
import { boxSurveyOf } from '../boxOf';
import { cameraFitness, type FittedCamera } from './cameraFitness';
import { addedFor, fixtureStanding, screwsFor, type FixtureData, type FixtureStanding } from './fixtureOf';
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
  /** The fittest first. */
  readonly cameras: readonly FittedCamera[];
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
const camerasThatFit = (cameras: readonly FittedCamera[], pickedId: string): readonly RoomCure[] =>
  cameras.flatMap(({ fixture: { id, name, minutes, cost }, unfit, room }): readonly RoomCure[] =>
    id !== pickedId && unfit.length === 0 && room?.fits
      ? [{ id: `camera-${id}`, name, where: said('pickedUnderCamera'), wall: null, item: null, room, minutes, cost }]
      : [],
  );

/** Whether a ring or box also mends what the old one is unfit for: only another one bears; a sealed one keeps it dry. */
const mends = ({ kind, gasketed }: BoxItem, { bears, wetRated }: Floodlight['box']): boolean =>
  kind === 'deeper' || (bears !== 'no' && (wetRated !== 'no' || (kind === 'surface' && gasketed === 'yes')));

/** Works out what there is for a floodlight’s box, and what the picks come to. */
export function fixtureOptions(point: Floodlight, catalogue: Catalogue, picks: FixturePicks): FixtureOptions {
  const survey = boxSurveyOf(point);
  const pack = regionPack(point.setting.region);
  const items = boxItemsIn(catalogue, pack.id);
  const feeds = feedRemediesFor(survey);
  const feed = picked(feeds, picks.feedId);
  if (!feed) return { cameras: [], feeds, grounds: [], cures: [], data: null, standing: null, asksInWriting: null };
  const groundsFor = ({ grounded }: FixtureProfile): readonly GroundRemedy[] =>
    groundRemediesFor(survey, grounded, point.setting.policy.noGround, feed.id);
  const hung = (fixture: FixtureProfile, ground: GroundRemedy): FixtureData => {
    const { inBag, ...profile } = fixture;
    return {
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
  };
  const cameras = fixturesIn(catalogue)
    .map((one) => cameraFitness(point, one, groundsFor(one), (ground) => hung(one, ground)))
    // Alike ones stay as they are listed
    .sort((a, b) => a.unfit.length - b.unfit.length);
  const fixture = picked(
    cameras.map((one) => one.fixture),
    picks.fixtureId,
  );
  const grounds = fixture ? groundsFor(fixture) : [];
  const ground = picked(grounds, picks.groundId);
  if (!fixture || !ground)
    return { cameras, feeds, grounds, cures: [], data: null, standing: null, asksInWriting: null };
  const base = hung(fixture, ground);
  const bare = fixtureStanding(point, base);
  const added = addedFor(point, base, bare);
  const room = boxRoom(survey, added, pack.boxRoom);
  const cures = [
    ...roomCures(survey, added, pack.boxRoom, items, true),
    ...(room && !room.fits ? camerasThatFit(cameras, fixture.id) : []),
  ];
  // What does not fit takes the cheapest ring or box that makes it fit, until another is picked; what does not bear it, or
  // is not for the wet, takes another box
  const unfit = point.box.bears === 'no' || point.box.wetRated === 'no';
  const wanted =
    picks.cureId === undefined && (unfit || (room && !room.fits))
      ? cures.find((cure) => cure.item && isCured(cure) && mends(cure.item, point.box))?.id
      : picks.cureId;
  const item = items.find(({ id }) => id === wanted);
  const cured: FixtureData = {
    ...base,
    cure: item
      ? {
          id: item.id,
          name: item.name,
          kind: item.kind,
          volumeIn3: item.volumeIn3,
          depthM: item.depthM,
          ...(item.gasketed ? { gasketed: item.gasketed } : {}),
        }
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
    cameras,
    feeds,
    grounds,
    cures,
    data,
    standing: fixtureStanding(point, data),
    asksInWriting: ground.inWriting && !picks.groundWords?.trim() ? ground.inWriting : null,
  };
}
