export { advise, dominatedOf, type Advice, type AdviceQuestion, type JudgedWay } from './advise';
export type { Contradiction } from './contradictions';
export type { ReadingWorth, Takeable } from './nextReadings';
export { percentText, proposalReason, standingReason, whyNot, type StateWords } from './reasons';
export { LABOUR_PER_MINUTE, effortOf, type Standing, type Way } from './way';
export {
  WIRE_REMEDIES,
  WIRE_THIN_MM2,
  chooseAmong,
  optionId,
  optionsFor,
  pairFactors,
  whyNotThis,
  worthConsidering,
  type Choosing,
  type JudgedOption,
  type Option,
  type SparePairs,
  type WireRemedy,
} from './options';
export { nextReadings, CHANCE_THAT_COUNTS } from './nextReadings';
export { contradictionsOf } from './contradictions';
export { holdWays, type TimeDomain } from './holding';
export { proposer } from './propose';
