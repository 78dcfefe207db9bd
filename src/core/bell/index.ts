export {
  estimate,
  fallingVolts,
  judgeAsFound,
  newOpenVolts,
  predictedVolts,
  type Estimate,
  type FallingVolts,
  type ReadingFit,
} from './assess';
export { AS_FOUND_PAIRS, circuitOf, type Change, type Circuit, type Conditions } from './conditions';
export {
  BELIEF,
  isComputed,
  VERDICTS,
  judge,
  wordOf,
  type Judgement,
  type OtherJudgement,
  type StateJudgement,
  type VerdictWord,
} from './judge';
export { housesWithin, openConditionOf, type OpenCondition } from './openCondition';
export { drynessOf, type DeviceCapacitor } from './dryness';
export { TRAFFIC, energyBudget, type EnergyBudget } from './energyBudget';
export { expectedReport } from './expectedReport';
export {
  DEVICE_REPORTS,
  type BellCase,
  type CaseState,
  type DeviceReport,
  type Evidence,
  type Instrument,
  type Place,
  type Readable,
  type RunName,
  type Under,
} from './bellCase';
export { worstSwings } from './conditions';
export { housePrior, newSourceOf, sourceFromNameplate, type RatedTransformer } from './housePrior';
export { houseAt, overHouses, type House, type Houses } from './houses';
export { expectationOf, middleOf, readingSigma, reportChance, shownFigures, type ShownFigures } from './likelihood';
export { doorVoltsAt, doorVoltsOf, dropUnder, seenFromDoor, type SeenFromDoor } from './seenFromDoor';
export { doorsOf, othersAlone, type Doors } from './doors';
export { METER, REPORT, RUN_CELSIUS } from './priors';
export { asFound, drawOf } from './asFound';
export { caseOf } from './surveyedCase';
export { STATIONS, doorVolts, type Draw, type Station } from './loopVolts';
export { bandOf, type Band } from './percentiles';
export { DRAWS_FOR_A_CHOICE, DRAWS_WHILE_TYPING, likelyHouses } from './posterior';
export { chimeFigures, type ChimeFigures } from './press';
export { tuneFigures, type TuneFigures } from './tune';
export { UNKNOWN_RUN, sourceIsKnown, type BellSurvey, type OtherDoor, type Reading, type RunSurvey } from './survey';
export type { BellSayings } from './sayings';
