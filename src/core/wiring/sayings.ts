import type { WireColour } from './wire';
import type { None, Text } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface WiringSayings {
  fed: None;
  switchedScrew: None;
  supply: None;
  load: None;
  switch: None;
  chime: None;
  /** What leads do in one go. */
  moves: { readonly moves: readonly Text[] };
  /** One or more leads off a joint and to another place. */
  move: { readonly what: Text; readonly off: Text | null; readonly to: Text | null };
  severalWires: { readonly wires: number };
  /** @see beside how many wires are under it already */
  underScrew: { readonly screw: Text; readonly beside: number };
  intoThePart: { readonly part: Text };
  // bellParts
  boxedChime: None;
  onePrimaryLead: None;
  otherPrimaryLead: None;
  groundLead: None;
  hotSide: None;
  neutralSide: None;
  groundSide: None;
  // bellSide
  photographBellScrews: None;
  onlyBellScrews: None;
  screwNotUsed: None;
  bellWiresUnder: { readonly first: Text; readonly second: Text; readonly volts: number };
  bellScrewsStand: None;
  bothBellWires: None;
  pullItsPlug: None;
  outAndInSight: None;
  oldPlugOffAway: None;
  oldPlugAway: None;
  nobodyPlugsOld: None;
  onlyBellScrewsOld: None;
  bothBellWiresOff: None;
  inlineConnectorsStrip: None;
  bellWiresPlug: None;
  // cableTasks
  oneConductorEvery: None;
  joinSparePairs: None;
  loopOhmsShould: None;
  joinSparePairsUsed: None;
  shouldReadLength: None;
  loopOhmsNew: None;
  heavierWirePulled: None;
  oldOneMay: None;
  newWiresPlace: None;
  oneJointTime: None;
  newBellWire: None;
  newWiresPlaceOld: None;
  oneJointTimeOld: None;
  theChime: None;
  theDoor: None;
  findCableLengthened: None;
  splicesWayOpened: { readonly run: Text };
  shouldReadLengthGauge: None;
  loopOhmsRead: { readonly run: Text };
  tapeThemWall: None;
  offLeadsKept: { readonly old: Text };
  leadsOutWall: None;
  stripAndHookClean: None;
  oneLeadUnder: None;
  foldSlackBehind: None;
  otherLeadUnder: None;
  // foundBell
  oldButton: None;
  oldDoorbell: None;
  wiresPass: None;
  houseConductor: { readonly carries: Text };
  feedSwitch: None;
  housesHot: None;
  oldModule: None;
  oldModuleLead: None;
  otherOldModule: None;
  oldLink: None;
  oldLinksOther: None;
  groundCapped: None;
  wireDoor: None;
  otherWireDoor: None;
  theOldTransformer: None;
  transformersWire: None;
  doorsWire: None;
  straightWire: None;
  doorsOtherWire: None;
  transformersOtherWire: None;
  secondChime: None;
  secondChimesWire: None;
  secondChimesOther: None;
  theRearDoorbell: None;
  rearButton: None;
  rearDoorsWire: None;
  rearDoorsOther: None;
  // insideOut
  photographTerminals: { readonly name: Text };
  onlyTwoThem: None;
  wiresNotNeeded: None;
  oldOffSupply: { readonly name: Text };
  // mainsParts
  hotOf: { readonly name: Text };
  neutralOf: { readonly name: Text };
  groundOf: { readonly name: Text };
  switchedSide: None;
  switchedLeadOf: { readonly name: Text };
  // mainsSide
  bellWiresOff: None;
  oneTimeEach: None;
  newTransformerBox: None;
  boxCoverNo: None;
  newTransformerRail: None;
  lidMustOpen: None;
  neverParkedFirst: None;
  groundLeadBox: None;
  testNotColour: None;
  primaryLeadNeutral: None;
  noBareCopperBelow: None;
  otherPrimaryLeadHot: None;
  onceOpenVolts: { readonly ratedVolts: number };
  everySpliceClosedFolded: None;
  pictureNextPerson: None;
  photographSplicesCover: None;
  doesMainsSide: None;
  localRulesDecide: None;
  coverOnBellScrewsBare: None;
  enclosureUp: { readonly enclosure: Text };
  roomToOpenItsLid: None;
  readAdapterOpen: { readonly name: Text };
  pluggedForReading: None;
  leadsThroughStack: None;
  wedgeAndPlateFirst: None;
  batteriesOutOfChime: None;
  fedByWiresLeak: None;
  labelTransformerVolts: None;
  nobodySearchesTwice: None;
  photographOldTransformer: None;
  twoWiresUnder: None;
  hotNeutralEach: None;
  coverOffProveAgain: None;
  conductorsPassThrough: None;
  boxedChimeOutEvery: None;
  oldPrimaryLeads: None;
  threeFourScrews: None;
  bellWiresUnderPair: { readonly ratedVolts: number };
  hotNeutralEachGround: None;
  // moveWords
  underCapOwn: None;
  readySplice: None;
  joinedTo: { readonly others: readonly Text[] };
  // newSupply
  newWireDoor: None;
  otherNewWire: None;
  newBellCableDoor: None;
  fixedBesideOutlet: { readonly transformer: Text };
  outletNoSwitch: None;
  newCableAdapters: None;
  inlineConnectorsEither: None;
  newCableUnder: { readonly ratedVolts: number };
  screwNotUsedStays: None;
  newCableBeside: None;
  oneWireEach: None;
  // plan
  wiringFoundDiffers: None;
  // aluminium
  copperOnly: None;
  aluminiumStopLicensed: { readonly names: Text };
  // alwaysOn
  alwaysOn: None;
  diesGuardedLabelled: { readonly part: Text; readonly part2: Text };
  comesThrough: { readonly part: Text; readonly lead: Text; readonly part2: Text };
  // bellLoop
  loopClosed: None;
  loopOpen: { readonly part: Text };
  loopNotShorted: None;
  bellWiresJoin: { readonly part: Text };
  bothSidesJoined: { readonly part: Text };
  // boxRoom
  roomBox: None;
  // checks of a box
  ruleConductorAmps: None;
  conductorTooThin: { readonly name: Text; readonly mostAmps: number; readonly amps: number };
  ruleHotsApart: None;
  hotsNotOne: { readonly names: readonly Text[] };
  ruleLiveBare: None;
  bareCarries: { readonly name: Text; readonly carries: string };
  ruleVoltsFit: None;
  voltsCantBe: { readonly name: Text; readonly volts: number; readonly nominalVolts: number };
  ruleGroundOfOther: None;
  groundWithOther: { readonly name: Text };
  ruleConductorState: None;
  cutItBack: { readonly name: Text; readonly state: 'nicked' | 'brittle' };
  tooShortToCut: { readonly name: Text; readonly state: 'nicked' | 'brittle' };
  ruleAluminiumPasses: None;
  aluminiumOnlyPasses: { readonly name: Text };
  ruleOutletProtection: None;
  outletNotProtected: None;
  ruleOneDevice: None;
  outletAndCamera: None;
  ruleBears: None;
  doesNotBear: { readonly fixture: Text };
  ruleWetRated: None;
  notForWet: None;
  ruleCureFits: None;
  cureLetsRainIn: { readonly name: string };
  cureGasketUnknown: { readonly name: string };
  cureStandsProud: { readonly name: string; readonly proudM: number };
  rulePose: None;
  cannotComeRound: { readonly fixture: Text; readonly headMissDeg: number; readonly sensorMissDeg: number };
  ruleNeutralRead: None;
  neutralDiesWith: { readonly name: Text };
  ruleNotChecked: None;
  notCheckedYet: { readonly what: Text };
  // circuitRoom
  roomCircuit: None;
  // colourLies
  coloursLieMarked: None;
  /** The colour of a conductor’s insulation. */
  wireColour: { readonly colour: WireColour };
  carriesWouldMean: { readonly name: Text; readonly carries: Text; readonly colour: Text; readonly claims: Text };
  // connectorRange
  connectorRange: None;
  // deviceAcross
  deviceNotAcross: None;
  hangsAcrossTrans: { readonly part: Text; readonly part2: Text };
  // fed
  closedWayHot: None;
  getsNo: { readonly part: Text; readonly lacks: readonly Text[] };
  // graph
  namesAnd: { readonly names: readonly Text[]; readonly at: Text };
  // groundInterrupted
  groundNeverFused: None;
  passesGoesPast: { readonly part: Text };
  // groundWhole
  groundPathWhole: None;
  noReachesFind: { readonly names: readonly Text[] };
  noReachesWriting: { readonly names: readonly Text[]; readonly groundDecision: Text };
  notOnGround: { readonly name: Text };
  // leftBare
  nothingLeftBare: None;
  endsBare: { readonly name: Text; readonly mayBeCapped: boolean };
  // loneSplice
  spliceJoinsTwo: None;
  shareCapOne: { readonly leads: readonly Text[] };
  spliceHoldsAlone: { readonly joint: Text; readonly only: Text };
  // looseLead
  everyLeadEnds: None;
  endsNowhere: { readonly name: Text };
  // mixedFunctions
  likeLike: None;
  areJoined: { readonly kinds: Text; readonly names: Text };
  // moduleAcross
  moduleAcrossFront: None;
  bothLeadsOne: { readonly part: Text };
  liesAcrossTransformer: { readonly part: Text };
  liesAcrossTrans: { readonly part: Text };
  liesAcrossFront: { readonly part: Text };
  // neutralSwitched
  neutralNeverSwitched: None;
  neutralPasses: { readonly part: Text; readonly lead: Text; readonly part2: Text };
  // outletFit
  outletFitPlug: None;
  // ratedForMains
  fixtureRatedMains: None;
  madeVHere: {
    readonly fixture: Text;
    readonly voltsLow: number;
    readonly voltsHigh: number;
    readonly nominalVolts: number;
  };
  // sameNeutral
  neutralSameCircuit: None;
  circuitNeutralCircuit: {
    readonly part: Text;
    readonly circuit: Text;
    readonly lead: Text;
    readonly circuit2: Text;
    readonly lead2: Text;
  };
  // shorted
  noShort: None;
  meetsThroughNothing: { readonly lead: Text; readonly met: Text; readonly by: readonly Text[] };
  // transformersParallel
  oneTransformerLoop: None;
  joinedBellSide: { readonly part: Text; readonly part2: Text };
  // twoCircuits
  everyCircuitBox: None;
  secondCircuitBoxNot: { readonly names: Text };
  twoCircuitsBox: { readonly names: Text };
  // unknownFunction
  joinedOnlyAfter: None;
  joinedNoTest: { readonly name: Text };
}

declare module '../said/said' {
  interface Sayings extends WiringSayings {}
}
