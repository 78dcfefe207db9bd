export { advise, dominatedOf, type Advice, type AdviceQuestion, type JudgedWay } from './advise';
export type { Contradiction } from './contradictions';
export type { DryDevice } from './dryLimit';
export type { ReadingWorth, Takeable } from './nextReadings';
export { SUPPLY_POLICIES, type SupplyPolicy } from './propose';
export { percentText, proposalReason, standingReason, whyNot, type StateWords } from './reasons';
export { LABOUR_PER_MINUTE, effortOf, type Standing, type Way } from './way';
