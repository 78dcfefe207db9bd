import type { ConductorTestId } from '../junction';
import type { None, Text } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface PointsSayings {
  dropWays: { readonly ways: readonly string[]; readonly more: number };
  policyMatter: { readonly matter: Text };
  /** A way of a board by its number; of which board, where there are several. */
  wayOfBoard: { readonly way: string; readonly board: string | null };
  done: None;
  hunt: None;
  waysListed: { readonly ways: number };
  /** Room in a box by the rule: what it has and what is needed, in³. */
  roomNeeded: { readonly boxIn3: number; readonly requiredIn3: number; readonly fits: boolean };
  /** Share of a box’s space that is taken, and the most that is our guidance, per cent. */
  shareOfBox: { readonly percent: number; readonly mostPercent: number };
  loadOfCircuit: {
    readonly totalVa: number;
    readonly amps: number;
    readonly limitVa: number;
    readonly suffices: boolean;
  };
  /** What somebody else said of a fact. */
  alsoSaid: { readonly who: string; readonly name: Text; readonly value: Text };
  notAnyMore: None;
  otherSaid: { readonly who: string; readonly value: Text };
  thePolicy: None;
  otherwise: None;
  circuitStands: { readonly circuit: Text; readonly state: Text };
  stepsDone: { readonly steps: number };
  contradictsAt: { readonly name: Text; readonly why: Text };
  // proving
  putOffTo: { readonly name: Text; readonly day: string };
  putOffStaysOpen: { readonly name: Text; readonly day: string; readonly by: 'crew' | 'customer' };
  // calendar
  dueCheck: { readonly point: string; readonly what: Text; readonly by: 'crew' | 'customer' };
  dueVisit: None;
  dueWait: { readonly point: string; readonly what: Text };
  dueDay: { readonly point: string; readonly what: 'trialEndsOn' | 'batteryOn' | 'cleaningOn' };
  // customerSheet
  comesDue: { readonly point: string; readonly what: 'trialEndsOn' | 'batteryOn' | 'cleaningOn'; readonly day: string };
  noticeHangs: { readonly point: string; readonly hangs: boolean };
  neighboursKnow: { readonly point: string; readonly know: boolean };
  // fixing
  eaveTooNear: { readonly metres: number; readonly least: number };
  eaveOver: { readonly metres: number };
  ladderFor: { readonly lengthM: number; readonly footM: number };
  anchorsKeep: { readonly edgeM: number; readonly oldHoleM: number };
  gasketAllRound: None;
  wallNotSaid: None;
  /** How high it hangs. */
  up: { readonly metres: number };
  openCount: { readonly open: number };
  theOutlet: None;
  // cautions
  dogShutAway: None;
  ladderOnFirm: None;
  clearOfWires: None;
  platformForTwoHands: None;
  coneOffTraffic: None;
  insectsInFixtures: None;
  everybodyClear: None;
  asIfLive: None;
  neverPartNeutral: None;
  neutralOfItsHot: None;
  neverGroundAsNeutral: None;
  hotsReadFirst: None;
  lockAndTagGuard: None;
  // asked
  readWiFi: None;
  extenderFirst: None;
  // boxOf
  cable: { readonly findIndex: number };
  colourOf: { readonly colour: Text; readonly cableName: Text };
  neutralAnotherCircuit: { readonly name: Text };
  noNeutralCircuit: { readonly name: Text };
  neutralSwitchedAt: { readonly name: Text };
  restsOnTests: { readonly readings: readonly Text[] };
  readingAt: { readonly test: ConductorTestId; readonly value: number; readonly on: boolean | null };
  restsOnWord: None;
  leadsGroundBadly: { readonly name: Text };
  hotAnotherLeg: { readonly name: Text };
  // findings
  // marks
  huntLeft: { readonly leftCount: number };
  plugNoBreaker: None;
  plugToPull: None;
  seePlugOut: None;
  stepsOfAll: { readonly stepsCount: number; readonly stepsCount2: number };
  held: { readonly held: Text };
  sheetHandedOver: None;
  // moves
  goThroughBefore: None;
  thingsOpenBefore: { readonly customerCount: number };
  takeAnswerHunt: None;
  theyLeaveNo: None;
  leftAboutMore: { readonly leftCount: number; readonly expectedTests: number; readonly expectedMinutes: number };
  nameCircuit: { readonly way: Text };
  foundPaperStill: None;
  listAnotherBoard: None;
  askWhetherKept: None;
  noneWaysMay: None;
  nameCircuitHangs: { readonly hangs: Text };
  whichOnThe: None;
  isTheSame: { readonly way: Text; readonly fedNames: Text };
  untilSaidSeen: None;
  nameSecondTransformers: None;
  joinedTransformersMake: None;
  theCircuit: None;
  sayWhetherSecond: None;
  mainsWorkAsks: None;
  proveDeadBellWires: { readonly name: Text };
  betweenTwoLeads: None;
  proveDeadConductors: { readonly name: Text };
  everyPairEachGround: None;
  tagTellHouse: { readonly name: Text };
  nobodyHouseShould: None;
  switchOffTag: { readonly name: Text };
  thenProveBellWires: None;
  thenLockIt: None;
  nameSecondFeed: { readonly feed: Text };
  lockOff: { readonly name: Text };
  whereNoLockFits: None;
  writeWhyHigh: None;
  goOnAtWire: None;
  coverOffIsProof: None;
  sayWhetherAway: None;
  longWithoutEntry: None;
  // nextMove
  nothingLeftDo: None;
  sheetIsHandedOver: None;
  // parts
  wiFiExtender: None;
  // proving
  checksGiven: { readonly given: number };
  heldFailed: { readonly failed: number };
  checksOfAll: { readonly given: number; readonly checksCount: number };
  switchOn: { readonly way: Text };
  coversClosedNobody: None;
  putRight: { readonly failed: Text };
  waitFirstCharge: None;
  doAnotherPoint: None;
  handOverSheet: None;
  printCustomerKeeps: None;
  setLevel: None;
  failed: { readonly name: Text; readonly reason: Text; readonly next: Text };
  reasonThenRead: { readonly reason: Text; readonly next: Text };
  failedWhenProved: { readonly name: Text };
  failedLetStand: { readonly name: Text };
  circuitStillOff: None;
  checksLetStand: { readonly failed: number };
  // customerSheet
  nothingFittedYet: { readonly at: Text };
  notProved: { readonly point: string; readonly name: Text; readonly failed: boolean; readonly why: string };
  floodlightStands: { readonly name: string; readonly heightM: number | null; readonly isDone: boolean };
  lightStaysOff: None;
  wayOnDusk: None;
  plugInDusk: None;
  noPicture: None;
  internetThenWay: None;
  internetThenPlug: None;
  mustNotBeSeen: None;
  /** What a camera sees as it hangs, or is to see, and what is masked. */
  cameraSees: {
    readonly name: string;
    readonly hangs: boolean;
    readonly sees: readonly Text[];
    readonly masked: readonly Text[];
  };
  // mounting
  noteHeightCameIn: None;
  overTheGroundBelow: None;
  levelOfSensor: None;
  noteWhereLooks: None;
  compassOfPhone: None;
  takeAnAim: None;
  aimIsComparedLater: None;
  noteHowItHangs: None;
  byPictureOrLevel: None;
  aimAgain: { readonly what: Text; readonly shows: boolean };
  lostBecause: { readonly miss: 'hidden' | 'outOfPicture' | 'tooCoarse' | 'inPicture' };
  lostAsItHangs: { readonly what: Text; readonly shows: boolean; readonly why: Text };
  lostCount: { readonly lost: readonly Text[] };
  // sharedAreas
  factsOfAll: { readonly there: number; readonly all: number };
  predictedOnly: None;
  notRead: None;
  notListed: None;
  notDrawn: None;
  thingsDrawn: { readonly shapes: number };
  // identity
  readCodeBeforeMount: None;
  codeIsBehind: None;
  otherNetwork: { readonly network: string; readonly wifiName: string };
  codeTwice: { readonly other: string };
  weakAtDevice: { readonly dbm: number };
  weakerAtDevice: { readonly dbm: number; readonly lookDbm: number };
  slowAtDevice: { readonly upMbit: number; readonly needed: number };
  // sharedWorries
  thingsOpenCustomer: { readonly missingCount: number; readonly first: readonly Text[] };
  wiFiPlan: { readonly reason: Text };
  at: { readonly jointById: Text };
  asBuiltIs: { readonly leadById: Text; readonly where: Text };
  hereMayOne: { readonly way: Text; readonly way2: Text; readonly fedNames: Text };
  doneWithoutProof: { readonly step: Text };
  builtDiffers: { readonly differs: Text };
  // stepStandings
  first: { readonly open: Text };
  builtDoesNot: { readonly wrong: Text };
  planDoesNot: { readonly stop: Text };
  switchedOnceFirst: None;
  byLicensedOnly: None;
  openAt: { readonly points: readonly string[]; readonly by: string };
  // supplyOf
  nothingNamedYet: None;
  // tellings
  sayCameraSees: None;
  showHowSwitch: None;
  // wifi
  noWall: None;
}

declare module '../said/said' {
  interface Sayings extends PointsSayings {}
}
