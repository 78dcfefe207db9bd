import type { None, Text } from '../../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface PlugFloodlightSayings {
  outletSuffices: None;
  // build
  aPlug: None;
  // climb
  showPlugPulledCamera: None;
  coverStaysShut: None;
  // look
  nameFixed: None;
  bitAnchorsScrews: None;
  // marks
  outletAway: { readonly wayM: number };
  // missingAtOutlet
  tapeLeadsWay: None;
  alongClippedLead: None;
  tryEverySwitchDoes: None;
  switchedOutletTakes: None;
  pressTestButton: None;
  nothingStaysPlugged: None;
  coversOutlet: None;
  onlyCoverCloses: None;
  // nextMove
  outletWillNot: None;
  pickCamera: None;
  leadReachOutlet: None;
  // outletFit
  wayLeadOutlet: None;
  leadLongWay: { readonly leadM: number; readonly neededM: number };
  whetherGfciRcd: None;
  noGfciRcd: None;
  coversOutletNot: None;
  outletNoCover: None;
  whetherSwitchTurns: None;
  switchTurnsOutlet: None;
  // parts
  plateScrews: { readonly plateScrew: Text };
  leadClips: { readonly clipsFor: number };
  // plan
  bitScrews: { readonly bit: Text; readonly anchor: Text; readonly screw: Text };
  screwsBears: None;
  unpackCountLead: None;
  platesScrewsGasket: None;
  photographSpotOutlet: None;
  plugStaysOut: None;
  nobodyPlugsMeanwhile: None;
  plateLevelMark: None;
  hangPlate: { readonly fixture: Text };
  neverLeadGasket: None;
  clipLeadDown: None;
  apartAwayTrodden: { readonly clips: number; readonly clipEveryM: number };
  pressOutletsTest: None;
  beforePlugGoes: None;
  plugCloseCover: None;
  lampsLightCamera: None;
}

declare module '../../said/said' {
  interface Sayings extends PlugFloodlightSayings {}
}
