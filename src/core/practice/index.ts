export {
  AS_IT_STANDS,
  BENCH_PLACES,
  TERMINALS,
  TERMINAL_IDS,
  WIRING_PARTS,
  WIRING_PART_IDS,
  standsBut,
  type BenchPlace,
  type Terminal,
  type Wiring,
  type WiringPart,
} from './wiring';
export { DIAL, DIAL_FUNCTIONS, type BenchReading, type DialFunction, type Probing } from './benchMeter';
export { benchOhms, solveBench, type BenchHouse } from './door/benchCircuit';
export type { BenchKind, Faulty } from './benchKind';
export { benchKindOf } from './kinds';
export { ownHouse, type OwnHouse } from './ownHouse';
export { LEVELS, type Level } from './levels';
export {
  hidable,
  ownRound,
  roundFor,
  roundOf,
  seedOfDay,
  type DoorRound,
  type FixtureRound,
  type Round,
  type RoundAsked,
} from './round';
export {
  DANGERS,
  MINUTES,
  benchStart,
  canProve,
  canSwitchOff,
  canSwitchOn,
  isDanger,
  playAll,
  played,
  type BenchAct,
  type BenchEvent,
  type BenchState,
  type CameTo,
  type Ending,
  type Slip,
} from './play';
export { debriefer, findersWay, knowingMinutes, movesOf, type FindersAct, type Move } from './debrief';
