export {
  CHECK_IDS,
  checkById,
  doorbellChecks,
  floodlightChecks,
  type Answer,
  type Check,
  type CheckId,
} from './checks';
export {
  judgeFigure,
  judgeOpenVolts,
  type OpenLimits,
  type DoorLimits,
  type FigureJudgement,
  type PredictedBand,
} from './judgeFigure';
export type { ProveSayings } from './sayings';
export { PAIRING_TRIES, pairingTryName, type PairingTry } from './pairing';
