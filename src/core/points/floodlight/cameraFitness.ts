import { said, type Text } from '../../said';
import type { FixtureProfile } from '../../catalogue';
import { boxRoom, type BoxRoom, type GroundRemedy } from '../../junction';
import { regionPack } from '../../region';
import { boxSurveyOf } from '../boxOf';
import { addedFor, fixtureStanding, loadOf, poseOf, type FixtureData } from './fixtureOf';
import type { Floodlight } from './floodlight';

/** A camera of the catalogue, held against a box as it is. */
export interface FittedCamera {
  readonly fixture: FixtureProfile;
  /** What it does not go with here; empty where it fits. What is not known yet is held against none. */
  readonly unfit: readonly Text[];
  /** Room with it and nothing more; null where the box’s volume is not known. */
  readonly room: BoxRoom | null;
}

/**
 * Holds a camera against the mains, the wall, the box, its ground and its circuit.
 * @param grounds ground remedies with it, the soundest first
 * @param hung the choice of it with one of them
 */
export function cameraFitness(
  point: Floodlight,
  fixture: FixtureProfile,
  [ground]: readonly GroundRemedy[],
  hung: (ground: GroundRemedy) => FixtureData,
): FittedCamera {
  const pack = regionPack(point.setting.region);
  const { nominalVolts } = pack.mains;
  const data = ground && hung(ground);
  const room = data
    ? boxRoom(boxSurveyOf(point), addedFor(point, data, fixtureStanding(point, data)), pack.boxRoom)
    : null;
  const load = loadOf(point, fixture);
  const isForMains = nominalVolts >= fixture.voltsLow && nominalVolts <= fixture.voltsHigh;
  const unfit = [
    ...(isForMains ? [] : [said('unfitMains', { nominalVolts })]),
    ...(point.look.mountedOn === undefined || poseOf(point, fixture).can ? [] : [said('unfitPose')]),
    ...(room && !room.fits ? [said('unfitRoom')] : []),
    ...(ground?.id === 'findOut' ? [said('unfitGround')] : []),
    ...(load && !load.suffices ? [said('unfitLoad', { overVa: Math.ceil(load.totalVa - load.limitVa) })] : []),
  ];
  return { fixture, unfit, room };
}
