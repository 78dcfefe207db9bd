import { boolean, number, string } from 'yup';
import { BRACKET_PLACES } from '../catalogue';
import { LIMITS, TEXT, YES_NO, fact, schemasOf } from '../facts';
import { exact, oneOf, reference } from './fields';

/** What a floodlight camera is to see, and what it is not to. */
export const TARGETS = ['gate', 'door', 'path', 'car', 'bins', 'window', 'street', 'garden', 'other'] as const;
/** How finely it is to be seen (IEC 62676-4:2014), or not at all. */
export const WANTED = ['identify', 'recognise', 'observe', 'detect', 'out'] as const;
export const MEASURED_HOWS = ['paced', 'taped'] as const;
/** What stands in the way of a look. */
export const OBSTACLES = ['car', 'shed', 'hedge', 'wall', 'vent', 'other'] as const;

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

const bracket = exact({
  id: reference(),
  name: string().trim().min(1).max(TEXT.short).defined(),
  fits: oneOf(BRACKET_PLACES),
  upright: boolean().defined(),
  turnDeg: number().min(0).max(90).defined(),
  outM: number().min(0).max(1).defined(),
  minutes: number().min(0).max(600).defined(),
  cost: number().min(0).max(10_000).defined(),
  side: string<'left' | 'right'>().oneOf(['left', 'right']).nullable().defined(),
});
const textOf = (value: unknown): string =>
  typeof value === 'object' && value !== null && 'name' in value ? String(value.name) : '';

/** How a head is planned to hang; what it came to stands in `mountRecorded`. */
export const AIM_FACTS = {
  /** As high as a fixture may hang. */
  lensM: fact.tape(LIMITS.fixtureHeightM),
  panDeg: turn,
  jointDeg: turn,
  /** How its lamps stand: down, and each to its side of where the head looks. */
  lampDownDeg: fact.angle(LIMITS.lampDownDeg),
  lampOutDeg: fact.angle(LIMITS.lampOutDeg),
  /** What it stands on beside its own plate, with the catalogue’s values of then. */
  bracket: fact.other(bracket.nullable().optional(), (value) => textOf(value)),
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
