export { CHECKS, CHECK_IDS, checkById, checksFor, type Answer, type Check, type CheckId } from './checks';
export { judgeFigure, type DoorLimits, type FigureJudgement, type PredictedBand } from './judgeFigure';
export type { ProveSayings } from './sayings';
