import type { None, Text } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface JunctionSayings {
  clips: None;
  pigtails: None;
  connectors: None;
  pigtail: None;
  camera: None;
  /** What a splice of the box holds, by test. */
  function: { readonly carries: 'hot' | 'switched' | 'neutral' | 'ground' | 'spare' | 'unknown' };
  conductorsNotTested: { readonly conductors: number };
  spliceProblem: { readonly splice: Text; readonly problem: Text };
  groundsOf: { readonly grounds: number; readonly awg: number };
  // boxFill
  endHere: None;
  passThrough: None;
  loopedUnbrokenCounted: None;
  whollyInside: None;
  ofTheFixture: None;
  asAwg: { readonly what: Text; readonly largest: number };
  awg: { readonly awg: number; readonly role: Text };
  internalClampsTogether: None;
  fittingsEachKind: None;
  terminalBlocks: None;
  deviceYokeAwg: { readonly awg: number };
  // boxRoom
  conductorsHouse: None;
  leadsHung: None;
  conductorsNewCable: None;
  // boxTasks
  holdHangNever: None;
  oldFixturesLeads: None;
  tapeSleeveColour: None;
  as: { readonly name: Text; readonly carries: Text };
  mark: { readonly lies: readonly Text[] };
  outUse: None;
  comesSwitchNothing: None;
  switchedLeadUnder: None;
  // cableSets
  usualCables: None;
  noUsualCable: { readonly typed: Text; readonly example: Text };
  cable142: None;
  cable143: None;
  cable122: None;
  cable123: None;
  twin15: None;
  twin1: None;
  twin25: None;
  threeCore1: None;
  flex3Core: None;
  // conductorTests
  voltsKnownGround: None;
  voltsKnownGroundEvery: None;
  neitherLiveNor: None;
  hotVoltsNeutral: None;
  hotVoltsGround: None;
  idleOthersHot: None;
  voltsHotEveryOn: None;
  voltsHotEveryOff: None;
  voltsBetweenHotsOn: None;
  voltsBetweenHotsOff: None;
  voltsNoneHere: { readonly nominalVolts: number };
  neitherJoinedNor: None;
  lampHotClamp: None;
  ownCircuitOff: None;
  deadOhmsBoards: None;
  voltsGround: None;
  groundKnownLong: None;
  voltsFromHot: None;
  hotFoundSwitched: None;
  ampsLeftOver: None;
  lampHotClampRound: None;
  ampsCircuitOff: None;
  ownCircuitOffClamp: None;
  ohmsBoardsGround: None;
  deadLongLead: None;
  // guardSwitch
  keepSwitchGuarded: None;
  quickTakesGuard: None;
  switchGuard: None;
  labelKeepCamera: None;
  guardGoesOver: None;
  switchGuardOver: None;
  plateLooseProved: None;
  partAndSpread: None;
  spreadHow: None;
  everybodyClearOn: None;
  readInRounds: { readonly allOff: readonly Text[]; readonly allOn: readonly Text[] };
  offProvedAfterReading: None;
  // joinAhead
  boxOwnTwo: None;
  outBoxProved: { readonly name: Text };
  feedLeg: None;
  neutralGroundBox: None;
  feedLegJoined: { readonly toLowerCase: Text };
  blankPlateLabel: None;
  joinLegFeed: None;
  alwaysGoodTwo: None;
  opensNextFinds: None;
  takeTimerOut: None;
  timerTurnsCamera: None;
  elseHungAll: None;
  // newCable
  newCableFeed: None;
  oneSoundWay: None;
  cableHotNeutral: None;
  clampForIt: None;
  newCables: { readonly carries: Text };
  newCable: None;
  pullsNewCable: None;
  newCableCircuit: None;
  clampWithSlack: None;
  newCableThrough: None;
  // outlet
  outletsPigtail: { readonly carries: Text };
  outletGoesFeed: None;
  mostRoomGoes: None;
  wetRatedCover: None;
  outletOutHots: None;
  goesAnotherOutlet: None;
  keepOutletPigtails: None;
  customerWantsCounts: None;
  useCoverWet: None;
  outletPigtailsHot: None;
  cameraMustNot: None;
  // takeOutSensor
  takeOldSensor: None;
  twoSensorsRow: None;
  redSwitchedLead: None;
  oldSensorOut: None;
  // useFeed
  useFeed: None;
  testedEverySwitch: None;
  // feedCase
  fedStraightHot: None;
  switchedLegAlone: None;
  sensorPhotocellTimer: None;
  noNeutralBox: None;
  outletsBoxFed: None;
  fedStraightProtected: None;
  cablesCome: None;
  noConductorHot: None;
  notKnownYet: None;
  noNeutralFound: None;
  // fixtureTasks
  unpackCountConnectors: None;
  photographOldFixture: None;
  ladderFirm: None;
  everyPairEach: None;
  coverOffProve: None;
  ownScrewsMetal: None;
  moreRoom: { readonly cure: Text };
  crossBarBox: None;
  mountingPlate: None;
  greenScrew: None;
  platesPigtail: None;
  boxsPigtail: None;
  plateBarGround: None;
  plateBar: None;
  lampsSwungUp: None;
  hangHookPlate: { readonly fixture: Text };
  groundsTogetherSupply: None;
  firstLastOff: None;
  neutralsTogetherFixtures: None;
  sameCircuitTest: None;
  hotsTogetherFixtures: None;
  noBareCopper: None;
  spareWireBack: None;
  photographSplicesFold: None;
  onceLampsLight: None;
  everySpliceClosed: None;
  offTaggedLocked: None;
  offProvedDead: None;
  leftRightTurn: None;
  offHookOnto: None;
  // foundBox
  wallSwitch: None;
  fusedSpur: None;
  supplySpur: None;
  feedOfThe: { readonly name: Text };
  loadSpur: None;
  colourOfCable: { readonly colour: Text; readonly cable: Text };
  metalBox: None;
  boxScrew: None;
  oldFixture: None;
  oldSensor: None;
  switchedSensor: None;
  secondCircuit: { readonly carries: Text };
  // newGround
  pullGroundingConductor: None;
  soundWayNone: None;
  groundingConductor: None;
  pullsGroundingConductor: None;
  mayJoinedHow: None;
  newGround: None;
  measuredBoardBefore: None;
  newGroundingConductor: None;
  metalConduitGround: None;
  onlyRecognisedWiring: None;
  groundScrewBox: None;
  measuredByWhom: None;
  metalConduit: None;
  lockNutsCouplings: None;
  conduitsLockNut: None;
  // reconnectGround
  looseGroundJoined: None;
  foundLyingLoose: None;
  photographFoundFirst: None;
  looseGroundCut: None;
  // useGround
  groundBoxUsed: None;
  measuredLowFixture: None;
  // withoutGround
  regionsRuleReplacement: None;
  gfciRcdAhead: None;
  labelNoEquipment: None;
  decidedRuleGfci: None;
  decisionWritingHand: None;
  protectsTriedTest: None;
  fixtureClassIi: None;
  doubleInsulatedGround: None;
  stopFindOut: None;
  noGroundBox: None;
  // roomCures
  loseOutlet: None;
  pickedUnderFeed: None;
  clampsOutsideInstead: None;
  changedBoxSaid: None;
  noPigtailsGround: None;
  doneLadderPlan: None;
  standsProud: { readonly proudM: number };
  noGasketWet: None;
  gasketNotSaid: None;
  // splices
  aluminiumLicensedElectrician: { readonly metal: Text };
  sizesTheseConductors: None;
  noConnectorCatalogue: { readonly leadsCount: number; readonly total: number };
}

declare module '../said/said' {
  interface Sayings extends JunctionSayings {}
}
