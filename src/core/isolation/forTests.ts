import type { BellProof, MainsProof } from './proof';

/** Readings that prove a bell side dead. */
export const DEAD_BELL: BellProof = {
  weight: 'bell',
  betweenVolts: 0.1,
  firstToEarthVolts: 0,
  secondToEarthVolts: 0.2,
  meterMainsRated: true,
  dry: true,
};

/** Readings that prove a mains side dead. */
export const DEAD_MAINS: MainsProof = {
  weight: 'mains',
  hotNeutralVolts: 0,
  hotGroundVolts: 0,
  neutralGroundVolts: 0,
  everyConductor: true,
  triedBefore: true,
  triedAfter: true,
};
