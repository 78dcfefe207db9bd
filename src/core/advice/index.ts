export { advise, dominatedOf, type Advice, type AdviceQuestion, type JudgedWay } from './advise';
export type { Contradiction } from './contradictions';
export type { ReadingWorth, Takeable } from './nextReadings';
export { percentText, proposalReason, standingReason, whyNot, type StateWords } from './reasons';
export { LABOUR_PER_MINUTE, effortOf, type Standing, type Way } from './way';
export { chooseAmong, whyNotThis, worthConsidering, type Choosing, type JudgedOption } from './chooseAmong';
export { wayPlan, type PlannedTest, type WayPlan } from './wayPlan';
export { fittedTreatments } from './fittedTreatments';
export {
  canKeepSupply,
  forbiddenWhy,
  optionId,
  optionsFor,
  restsOn,
  tapChange,
  type Enclosure,
  type Option,
  type RestsOn,
} from './options';
export { ORDINARY_PREMISES, type Premises, type SparePairs, type Tap } from './premises';
export { WIRE_REMEDIES, WIRE_THIN_MM2, cableOf, pairFactors, type WireRemedy } from './wireRemedies';
export { counts, nextReadings } from './nextReadings';
export { contradictionsOf } from './contradictions';
export { holdWays, type TimeDomain } from './holding';
export { proposer } from './propose';
export type { AdviceSayings } from './sayings';
export { wayWords } from './wayWords';
