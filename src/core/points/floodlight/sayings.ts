import type { None, Text } from '../../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface FloodlightSayings {
  stands: None;
  cantTellPlan: None;
  notAskedYetBox: None;
  pickedUnderCamera: None;
  askIt: { readonly words: Text };
  askBears: None;
  askWetRated: None;
  askSetting: None;
  askMountedOn: None;
  askVolume: None;
  askMaterial: None;
  askBonded: None;
  askClamps: None;
  askFittings: None;
  askRecess: None;
  askUntested: { readonly untested: number };
  askHotsOne: None;
  askFreeLength: None;
  askRatedAmps: { readonly spur: boolean };
  askExistingVa: None;
  askResidual: None;
  planStands: { readonly splices: number };
  // build
  feed: { readonly feed: Text };
  // climb
  keepSwitchWithoutPower: None;
  doesNotStand: None;
  // fixtureOf
  foldedDouble: { readonly doubled: readonly Text[] };
  laidAhead: { readonly ahead: readonly Text[]; readonly aheadMm: number };
  connectorHolds: { readonly connector: string; readonly conductors: number };
  spliceOf: { readonly joint: Text; readonly conductors: number };
  twistUntilFirm: None;
  leversDown: None;
  pushHome: None;
  tapeOverOnce: None;
  arrowUp: None;
  arrowDown: None;
  openingUp: None;
  drainHoleLowest: None;
  drainHoleDown: None;
  leastBought: { readonly neededM: number };
  screwsFiveTurns: { readonly named: Text };
  screwsGasketLevel: { readonly named: Text; readonly plate: Text };
  connectorsBagHold: None;
  bagsConnectorToo: { readonly bag: Text; readonly which: readonly Text[] };
  noneComesBag: { readonly which: readonly Text[] };
  bring: { readonly bag: Text; readonly connectorCounts: readonly Text[] };
  // cameraFitness
  unfitMains: { readonly nominalVolts: number };
  unfitPose: None;
  unfitRoom: None;
  unfitGround: None;
  unfitLoad: { readonly overVa: number };
  // loadCures
  vaHangsMoved: { readonly over: number };
  cableAnotherCircuit: None;
  // look
  sayHangsNow: None;
  oldLightBox: None;
  wallEavePost: None;
  headSensorTurn: None;
  measureHeightOver: None;
  usualHeight: None;
  // marks
  feedBoxKnown: { readonly feed: Text };
  // missingAtBox
  nameBoxShape: None;
  whetherAllRoom: None;
  boxMetalPlastic: None;
  metalOneGround: None;
  nameCablesCome: None;
  everyConductorThem: None;
  test: { readonly next: Text; readonly next2: Text };
  howFedStill: None;
  // nextMove
  pickFixtureFeed: None;
  nameSecondCircuit: None;
  planDoesNotStand: None;
  // parts
  forTheBar: None;
  forThePlate: None;
  toBeBought: None;
  screwsFor: { readonly what: Text; readonly screw: Text };
  markingTape: None;
  straightOnBox: None;
  onABar: { readonly metres: number; readonly screw: string | null };
  // worries
  conductorOf: { readonly colour: Text; readonly name: Text; readonly state: Text };
  asFound: { readonly loose: readonly Text[] };
  lyingLoose: None;
}

declare module '../../said/said' {
  interface Sayings extends FloodlightSayings {}
}
