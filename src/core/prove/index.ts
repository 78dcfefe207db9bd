export {
  CHECK_IDS,
  FLOODLIGHT_CHECKS,
  checkById,
  doorbellChecks,
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
