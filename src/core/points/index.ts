// What is told of any point, whatever its kind
export { areasOf, firstAreaOf, isUntouched } from './areas';
export { builtAsPlanned, builtOf, standingMoves } from './asBuilt';
export {
  boxDoubts,
  testBasis,
  boxSurveyOf,
  cableName,
  claimOf,
  conclusionsOf,
  conductorKey,
  conductorOf,
} from './boxOf';
export { SHARES, type Shares } from './build';
export { otherAnswer } from './alsoSaid';
export { dueOf, type Due } from './calendar';
export { checksOf, failuresOf } from './checks';
export { finderAt } from './climbs';
export type { Failure } from './proving';
export type { AreaStanding, Missing, PointVerdict, Worry } from './climb';
export { customerSheet, type CustomerSheet, type SwitchedOff } from './customerSheet';
export { findingsOf, loadWords, roomWords, type PointFindings } from './findings';
export { heldActs, type ActHeldBy } from './liveOrDead';
export type { OfferedRepair, OfferedTest } from './pointFinder';
export { actTold, troublesTold } from './troubleTold';
export {
  complaintOf,
  helped,
  isOver,
  isTest,
  openTrouble,
  repairMinutes,
  replacesDevice,
  strangersAmong,
  walksInStates,
  type DeadNew,
  type FaultFacts,
  type LiveOrDead,
  type RepairsFound,
} from './trouble';
export { sensorBand } from './floodlightChecks';
export { fixingOf, type FixingLine } from './fixing';
export { ELSEWHERE, HUNT_DEFAULTS, busyWays, huntOf, wayOfId, wayText, type HuntStanding } from './hunting';
export { labelsOf, type Label, type LabelledWay } from './labels';
export { sameDevice, schemeName } from './identity';
export { ladderOf } from './ladder';
export { licensedSteps, pointsForLicence, type LicensedStep } from './forLicence';
export { builtBesideOf, lostTargets, type LostTarget } from './mounting';
export { missingAtLook } from './missing';
export { changedKind, doorsToShareWith, newPoint } from './newPoint';
export { nextMove } from './nextMove';
export { partsOf } from './parts';
export { planMarksOf, type OnPlan } from './planMarks';
export { foundOf, planOf, pointSteps } from './planOf';
export { meanwhile, powerUpOf, type PowerUp, type StillOff } from './powerUp';
export type { Point } from './point';
export type { CheckAnswer, MovedLead, PlanSetting, PointView, Tick, Trouble, TroubleAct, Wait } from './pointView';
export { HAZARD_CAUTIONS, hazardsAt, stepCautions, type CautionedRung } from './cautions';
export { HELD_BY, isPlain, openBeside, plainRun, stepStandings, type HeldBy, type StepStanding } from './stepStandings';
export { conflictsAt, type AnswerTold, type ConflictTold } from './conflictsAt';
export { placeIdOf } from './places';
export { askedWhere, isAnybodyAtWork, isAskedOfPlug, plugAt, proofsAt, stateAt } from './stateAt';
export { circuitsOfPoint, fedNames, mainPlaceOf, pointsAt, toCompareAt, unnamedFeed } from './supplyOf';
export { bellSurveyAt, placeNameOf, readingsAt, searchWordsOf, spliceOf, toTell } from './told';
export { seesForCustomer } from './seesForCustomer';
export { WHOSE, stillOpen, type Whose } from './stillOpen';
export { walkAhead, type WalkAhead, type WalkStep } from './walkAhead';
export { verdictOf } from './verdict';
export { wallsText, wifiOf, wifiPathOf, type WifiStanding } from './wifi';
export { worriesOf } from './worries';
export { USUAL_LENS_M, frameOfPoint, yardSceneOf, type YardScene } from './yardScene';

// Of a doorbell
export { stateAtSymptom } from './doorbell/doorCase';
export { DOOR_FAULT_FACTS, DOOR_TEST_FACTS, DOOR_WALKS, NOT_OFFERED } from './doorbell/doorFacts';
export { doorFinder } from './doorbell/doorFinder';
export type { NextReading, PointAdvice } from './doorbell/advising';
export {
  assess,
  assessmentData,
  assessmentKey,
  assessmentOf,
  isFeedKnown,
  rememberingAssess,
  type Assessment,
  type AssessmentData,
} from './doorbell/assessment';
export { bagList, type BagLine } from './doorbell/bagList';
export { choiceOf } from './doorbell/choiceOf';
export { comparisonOf, type Compared } from './doorbell/comparison';
export type { Choice, Doorbell, TakenReading } from './doorbell/doorbell';
export { decisionOf, type Decision } from './doorbell/decision';
export {
  DOOR_MISS,
  assumedAtDoor,
  doorMountOf,
  doorSceneOf,
  judgedMount,
  missedAtDoor,
  type DoorMount,
} from './doorbell/doorMount';
export { doorOf } from './doorbell/doorOf';
export type { DoorArea } from './doorbell/look';
export { notToBeHad } from './doorbell/premisesOf';
export { readingProblem } from './doorbell/readingProblem';
export { changeOf, wireOf, type Reference } from './doorbell/reference';
export { routeOf } from './doorbell/route';
export {
  carriedProfile,
  chimeKindOf,
  deviceOf,
  hasWiredChime,
  isBoxed,
  meterOf,
  midwayWords,
  plateSurveyOf,
  sparePairsOf,
  surveyOf,
} from './doorbell/survey';
export { MOST_OF_RATING, READING_WORDS, drawnAmps, mostTestAmps, testOhms } from './doorbell/takeables';
export { TRANSFORMER_ADDED } from './doorbell/transformerBox';
export { cluesOf, diesWithLight, needsTransformer, searchOf } from './doorbell/transformerSearch';
export { WAS_THERE_FACTS } from './doorbell/wasThere/register';
export { wiringPlan } from './doorbell/wiringPlan';

// Of a floodlight
export { FIXTURE_FAULT_FACTS, FIXTURE_TEST_FACTS, FIXTURE_WALKS } from './fixtureFacts';
export { fixtureFinder } from './fixtureFinder';
export { fixtureOptions, picksOf, type FixtureOptions, type FixturePicks } from './floodlight/fixtureChoice';
export {
  addedFor,
  connectorCounts,
  fixtureOf,
  fixtureStanding,
  plateWords,
  poseOf,
  screwsFor,
  spliceHow,
  type FixtureData,
  type FixtureStanding,
} from './floodlight/fixtureOf';
export type { FixtureChoice, Floodlight } from './floodlight/floodlight';
export { loadCures, type LoadCure } from './floodlight/loadCures';
export type { SpotArea } from './floodlight/look';
export { missingAtBox } from './floodlight/missingAtBox';

// Of a floodlight with a plug
export { plugChoiceOf, plugOptions, type PlugOption } from './plugFloodlight/choice';
export type { PlugSpotArea } from './plugFloodlight/look';
export { missingAtOutlet } from './plugFloodlight/missingAtOutlet';
export { leadLeftM, leadNeededM, outletFit } from './plugFloodlight/outletFit';
export type { PlugFloodlight } from './plugFloodlight/plugFloodlight';
export type { DoorbellSayings } from './doorbell/sayings';
export type { FloodlightSayings } from './floodlight/sayings';
export type { PlugFloodlightSayings } from './plugFloodlight/sayings';
export type { PointsSayings } from './sayings';
