export {
  ALLOWANCE_IN3,
  BOX_FILL_AWG,
  BOX_FILL_EDITIONS,
  CONDUCTOR_ROLES,
  boxFill,
  type BoxConductor,
  type BoxContents,
  type BoxFill,
  type BoxFillAwg,
  type BoxFillItem,
  type ConductorRole,
} from './boxFill';
export { NOTHING_ADDED, SPACE_SHARE_MOST, boxContents, boxRoom, type Added, type BoxRoom } from './boxRoom';
export {
  RECESS_MOST_M,
  engagementM,
  hangingScrews,
  type Hanging,
  type HangingScrews,
  type ScrewChoice,
} from './boxScrews';
export {
  AHEADS,
  CABLE_ROLES,
  CONDUCTOR_FUNCTIONS,
  CONDUCTOR_STATES,
  UNKNOWN_BOX,
  type Ahead,
  type BoxSurvey,
  type CableRole,
  type ConductorFunction,
  type SurveyedCable,
  type SurveyedConductor,
} from './boxSurvey';
export { USUAL_CABLES, cableSet, type ColourEra, type SetConductor } from './cableSets';
export { LASTING_SHARE, circuitLoad, type CircuitLoad, type LoadJudged } from './circuitLoad';
export {
  CONDUCTOR_TESTS,
  GROUND_OHMS_MOST,
  SWITCH_POSITIONS,
  TEST_FACTS,
  concludeBox,
  type BoxConclusions,
  type ConcludedFunction,
  type Conclusion,
  type ConductorTest,
  type ConductorTestId,
  type NextTest,
  type SwitchPosition,
  type TestedConductor,
} from './conductorTests';
export { FEED_REMEDIES, FEED_REMEDY_IDS, feedRemediesFor, feedRemedy } from './feed/register';
export type { FeedRemedy } from './feed/feedRemedy';
export { FEED_CASES, FEED_WORDS, feedCase, type FeedCase, type FeedFound } from './feedCase';
export { openingTasks, type LiveRounds } from './openingTasks';
export { fixturePlan, type FixtureRemedy, type HungFixture } from './fixtureTasks';
export { foundBox, houseLeads, leadId } from './foundBox';
export { GROUND_REMEDIES, GROUND_REMEDY_IDS, groundRemediesFor, groundRemedy } from './ground/register';
export type { GroundRemedy } from './ground/groundRemedy';
export { hangingPose, lookDownDeg, type HangingPose } from './hangingPose';
export { isCured, roomCures, wallWords, type RoomCure } from './roomCures';
export { wallFit, type WallFit } from './wallFit';
export { AHEAD_M, connectorAt, connectorHolds, splicesOf, tooBigForBag, type Splice } from './splices';
export { STANDARD_BOXES, cm3ToIn3, in3ToCm3, standardBox, type StandardBox } from './standardBoxes';
export type { JunctionSayings } from './sayings';
export { conductorLimit, smallestOf, type ConductorLimit } from './protection';
export { strangeShare } from './conductorTests';
export { loopedHot } from './foundBox';
