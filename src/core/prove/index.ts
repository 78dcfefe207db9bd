export {
  CHECK_IDS,
  RING_HOWS,
  checkById,
  doorbellChecks,
  floodlightChecks,
  type Answer,
  type Check,
  type CheckId,
  type DoorProved,
  type RingHow,
} from './checks';
export {
  judgeFigure,
  judgeOpenVolts,
  type OpenLimits,
  type DoorLimits,
  type FigureJudgement,
  type PredictedBand,
} from './judgeFigure';
export { judgeReport, judgeRing, judgeSetting } from './judgeWords';
export { readNext, type FailedAnswer, type NextRead } from './readNext';
export type { ProveSayings } from './sayings';
export { PAIRING_TRIES, pairingTryName, type PairingTry } from './pairing';
