export { assess, changeOf, rememberingAssess, type Assessment, type Reference } from './assessment';
export { choiceOf } from './choiceOf';
export { counts, effectOf } from './effective';
export { circuitOfPoint, fold } from './fold';
export type {
  AlsoSaid,
  CheckAnswer,
  Choice,
  Circuit,
  Job,
  JobHead,
  Note,
  Point,
  TakenReading,
  Tick,
  Wait,
} from './job';
export {
  ENTRY_KINDS,
  isEntryKind,
  type Entry,
  type EntryData,
  type EntryKind,
  type EntryOf,
  type NewEntry,
  type Person,
} from './kinds';
export { ISO_TIME } from './kinds/fields';
export { PERMISSIONS, READINESS, WIFI_BANDS } from './kinds/site';
export { MATERIALS, PRESENT_PATHS, WAS_THERE } from './kinds/point';
export { PLACES, READING_STATES } from './kinds/reading';
export { ladderOf, pointSteps, stepStandings, type StepStanding } from './ladder';
export { LIMITS, TEXT } from './limits';
export { missingAtLook, missingFromCustomer, type Missing } from './missing';
export { nextMove } from './nextMove';
export { partsOf } from './parts';
export { readingProblem } from './readingProblem';
export { RUNGS, RUNG_NAMES, type NextMove, type Rung, type RungMark, type RungState } from './rungs';
export { stepsOf, touchesOf } from './steps';
export { deviceOf, lengthsOf, plateSurveyOf, regionOf, surveyOf, sparePairsOf } from './survey';
export { undoTarget } from './undo';
export { worriesOf, type Worry } from './worries';
