export { WIRE_WORDS, assess, changeOf, rememberingAssess, wireOf, type Assessment, type Reference } from './assessment';
export type { NextReading, PointAdvice } from './advising';
export { MOST_OF_RATING, testOhms } from './takeables';
export { AREAS, AREA_NAMES, AREA_OF_MISSING, areasOf, type Area, type AreaStanding } from './areas';
export { bagList, type BagLine } from './bagList';
export {
  beforeList,
  customerPage,
  customerText,
  missingFromCustomer,
  type BeforeItem,
  type CustomerPage,
} from './before';
export { wayId, wayNumber } from './boards';
export { choiceOf } from './choiceOf';
export { counts, effectOf } from './effective';
export {
  cluesOf,
  diesWithLight,
  needsTransformer,
  searchOf,
  wallsText,
  wifiOf,
  wifiPathOf,
  type WifiStanding,
} from './finding';
export { fold } from './fold';
export { ELSEWHERE, HUNT_DEFAULTS, huntOf, wayOfId, wayText, type HuntStanding } from './hunting';
export type {
  AlsoSaid,
  Board,
  CheckAnswer,
  Choice,
  FixtureChoice,
  ListedCable,
  MovedLead,
  TakenTest,
  Circuit,
  Job,
  JobHead,
  Note,
  Photo,
  PhotoMark,
  Point,
  SeenHint,
  TakenReading,
  Tick,
  Wait,
  Way,
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
export { BOX_MATERIALS, BOX_SETTINGS, BOX_SHAPES, CLAMPS, DEVICES_IN, FED_FROMS, FIXED_TOS } from './kinds/box';
export { ISO_TIME } from './kinds/fields';
export { PROTECTIONS } from './kinds/board';
export { MARK_SHAPES, PHOTO_TERMINALS } from './kinds/photo';
export { BOARD_AREAS, COLOUR_ERAS, HAZARDS, HEATINGS, PERMISSIONS, READINESS, WIFI_BANDS, YES_NO } from './kinds/site';
export {
  BAG_STATES,
  CABLE_LEAVES,
  MATERIALS,
  MOUNTED_ON,
  MUST_NOT_SEE,
  NIGHT_LIGHTS,
  OLD_FIXTURES,
  PRESENT_PATHS,
  RAINS,
  REAR_DOORS,
  SHOULD_SEE,
  SUNS,
  TOLD_APARTS,
  WAS_THERE,
  type PointKind,
} from './kinds/point';
export { PLACES, READING_STATES } from './kinds/reading';
export { ladderOf, stepStandings, type StepStanding } from './ladder';
export { LIMITS, TEXT } from './limits';
export { loadCures, type LoadCure } from './loadCures';
export { missingAtBox, missingAtLook, type Missing } from './missing';
export { nextMove } from './nextMove';
export { partsOf } from './parts';
export { photosOfPoint } from './photos';
export { routeOf } from './route';
export { readingProblem } from './readingProblem';
export { RUNGS, RUNG_NAMES, type NextMove, type Rung, type RungMark, type RungState } from './rungs';
export { boxDoubts, boxSurveyOf, cableName, claimOf, conclusionsOf, conductorKey } from './boxOf';
export { checksOf } from './checks';
export { findingsOf, loadWords, roomWords, type PointFindings } from './findings';
export {
  TRANSFORMER_ADDED,
  addedFor,
  connectorCounts,
  fixtureStanding,
  plateWords,
  poseOf,
  screwsFor,
  spliceHow,
  type FixtureData,
  type FixtureStanding,
} from './fixtureOf';
export { comparisonOf, type Compared } from './comparison';
export { SCREW_PAIRS, type ScrewPair } from '../wiring';
export { builtAsPlanned, builtOf, standingMoves } from './asBuilt';
export { fixtureOptions, picksOf, type FixtureOptions, type FixturePicks } from './fixtureChoice';
export { fixtureOf, foundOf, planOf, pointSteps } from './planOf';
export { touchesOf } from './touches';
export { wiringPlan } from './wiringPlan';
export {
  carriedProfile,
  deviceOf,
  lengthsOf,
  meterOf,
  plateSurveyOf,
  regionOf,
  surveyOf,
  sparePairsOf,
} from './survey';
export { circuitOfPoint, circuitsOfPoint, supplyOf } from './supplyOf';
export { undoTarget } from './undo';
export { worriesOf, type Worry } from './worries';
