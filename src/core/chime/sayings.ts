import type { ChimeKind } from './kind';
import type { ChimeSetting } from './setting';
import type { None, Text } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface ChimeSayings {
  // setting
  chimeSetting: { readonly setting: ChimeSetting };
  module: None;
  jumper: None;
  aJumper: None;
  protector: None;
  capped: { readonly what: Text };
  /** A kind of chime, in short. */
  chimeKind: { readonly kind: ChimeKind };
  // newChime
  newChimeWithModule: None;
  chimeForNewVolts: None;
  mechanicalChime: None;
  oldChimeDown: None;
  newChimePart: None;
  sameScrewsAsBefore: None;
  newChimeUp: None;
  moduleAcrossFrontTrans: None;
  // chimeParts
  moduleLead: None;
  otherModuleLead: None;
  fuseLink: None;
  aFuseLink: None;
  fuseLinksOther: None;
  // chimeTasks
  photographTerminalsCount: None;
  countWiresUnder: None;
  testFuseLink: None;
  oneMayDead: None;
  chimeOutLoop: None;
  oldModuleOut: None;
  modulesComeVersions: None;
  oldLinkOut: None;
  houseWiresStay: None;
  wireOneFed: None;
  joinedWiresApart: None;
  // kind
  // boxedReplaced
  boxedChimeReplaced: None;
  enclosureTransformerFuse: None;
  spareFuseLink: None;
  provedAgainThese: None;
  boxedChimeOut: None;
  doorSide: None;
  mainsBellWires: None;
  fuseLinkBetween: None;
  // diode
  diodeDoor: None;
  chimeStaysSeries: None;
  diodeBag: None;
  onlyElectronicChime: None;
  diodeReadyDevices: None;
  // fuseLink
  fuseLinkTreatment: None;
  wiresJoinedFused: None;
  stripForConnector: None;
  doorsWireOff: None;
  transformerSide: None;
  chimeStaysJunction: None;
  transformersWireOff: None;
  // inlineModule
  lineModule: None;
  houseWiresMove: None;
  cutCleanStrip: None;
  oneTerminalTime: None;
  stickModuleClear: None;
  tryEachPlunger: None;
  // jumper
  frontTransShorted: None;
  jumperWire: None;
  jumpersOtherEnd: None;
  stripAndHook: None;
  chimeSilentNow: None;
  // leaveAsIs
  leaveAsIt: None;
  coilStaysSeries: None;
  photographChimesTerminals: None;
  noWireChanges: None;
  // moduleBypass
  moduleBypass: None;
  chimeOutLoopWires: None;
  bypassPort: None;
  takeModulesLead: None;
  bothPortsFilled: None;
  layModuleChime: None;
  // noChime
  noChimeLoop: None;
  straightTransformerDoor: None;
  seeBothWires: None;
  noChimeHides: None;
  // powerModule
  powerModule: None;
  addedAcrossFront: None;
  stripAndHookClosed: None;
  oneTerminalTimeEither: None;
  sideTopLeads: None;
  // protector
  protectorDoorsWire: None;
  noChimeSelf: None;
  theProtector: None;
  protectorsOtherEnd: None;
  enclosureBesideTransformer: None;
  oneWireDoor: None;
  // register
  newTransformer: None;
  // takeOut
  takeOut: None;
  wiresJoinedChime: None;
  blankPlate: None;
  leaveLabelled: None;
  wiresJoined: None;
  secondChimesTwo: None;
  anyThirdWire: None;
  transformersWireOffTrans: None;
  rearDoorbellFed: None;
  cappedItselfChime: None;
  askCustomerBecomes: None;
  takeChimeDown: None;
}

declare module '../said/said' {
  interface Sayings extends ChimeSayings {}
}
