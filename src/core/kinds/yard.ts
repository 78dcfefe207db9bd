import { string } from 'yup';
import { LIMITS, TEXT, YES_NO, fact, schemasOf } from '../facts';
import { exact, reference } from './fields';

/** What a floodlight camera is to see, and what it is not to. */
export const TARGETS = ['gate', 'door', 'path', 'car', 'bins', 'window', 'street', 'garden', 'other'] as const;
/** How finely it is to be seen (IEC 62676-4:2014), or not at all. */
export const WANTED = ['identify', 'recognise', 'observe', 'detect', 'out'] as const;
export const MEASURED_HOWS = ['paced', 'taped'] as const;
/** What stands in the way of a look. */
export const OBSTACLES = ['car', 'shed', 'hedge', 'wall', 'other'] as const;

/** To the right, looking out of the wall from the spot; left is less than 0. */
const turn = fact.angle(LIMITS.turnDeg);

/** Where something is from the ground below the lens. */
const WHERE = {
  distanceM: fact.run(LIMITS.yardM),
  turnDeg: turn,
  how: fact.choice(MEASURED_HOWS),
  /** It is not there, or not to be looked at any more. */
  gone: fact.choice(YES_NO),
} as const;

export const TARGET_FACTS = {
  what: fact.choice(TARGETS),
  ...WHERE,
  /** Its ground over that below the lens. */
  groundM: fact.run(LIMITS.groundM),
  wants: fact.choice(WANTED),
} as const;

export const OBSTACLE_FACTS = {
  stands: fact.choice(OBSTACLES),
  ...WHERE,
  /** Along the wall, away from it, and up. */
  widthM: fact.run(LIMITS.obstacleM),
  depthM: fact.run(LIMITS.obstacleM),
  tallM: fact.run(LIMITS.obstacleM),
} as const;

/** How a head is planned to hang; what it came to stands in `mountRecorded`. */
export const AIM_FACTS = {
  /** As high as a fixture may hang. */
  lensM: fact.tape(LIMITS.fixtureHeightM),
  panDeg: turn,
  jointDeg: turn,
  /** How its lamps stand: down, and each to its side of where the head looks. */
  lampDownDeg: fact.angle(LIMITS.lampDownDeg),
  lampOutDeg: fact.angle(LIMITS.lampOutDeg),
} as const;

export const targetPlaced = exact({ pointId: reference(), targetId: reference(), ...schemasOf(TARGET_FACTS) });
export const obstacleStands = exact({ pointId: reference(), obstacleId: reference(), ...schemasOf(OBSTACLE_FACTS) });
/** A target that is missed as the head hangs may stay so: why, in words. Said of how it hangs now: aimed anew it is looked at anew. */
export const missAccepted = exact({
  pointId: reference(),
  targetId: reference(),
  words: string().trim().min(1).max(TEXT.long).defined(),
});

export const aimPlanned = exact({ pointId: reference(), ...schemasOf(AIM_FACTS) });
