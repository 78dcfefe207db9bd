import type { None, Text } from '../said';
import type { WireRemedy } from './wireRemedies';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface AdviceSayings {
  /** In a state that whoever asks has named. */
  inState: { readonly state: string };
  /** Another pair of the old transformer’s screws. */
  pairOfOld: { readonly volts: number; readonly screws: string };
  keepOld: None;
  wireRemedy: { readonly wire: Exclude<WireRemedy, 'keep'> };
  deviceInstead: { readonly device: string };
  /** A device at another door does not allow it. */
  forbiddenAt: { readonly door: Text; readonly why: Text };
  // chooseAmong
  deviceDoesNot: { readonly forbidden: Text };
  // contradictions
  mainsMovedBetween: None;
  outletAnotherPhase: None;
  farEndTouched: None;
  otherRunRead: None;
  farEndsWere: None;
  corrodedSpliceVolts: None;
  leadStillTransformer: None;
  moduleLiesAcross: None;
  looseScrewChime: None;
  coilReadWarm: None;
  deviceReportsLate: None;
  anotherState: None;
  oneTwoRead: None;
  somethingConnectedLit: None;
  anotherPairScrews: None;
  transformerNotNameplate: None;
  resistorSmallerMarked: None;
  resistorLargerMarked: None;
  voltsWereRead: None;
  deviceAnotherState: None;
  meterNotTrue: None;
  pointNotWired: None;
  // options
  mayHeatingsTransformer: None;
  diodeNeverFitted: None;
  electronicStarves: None;
  // reasons
  deviceDropsOut: { readonly doorMinVolts: number };
  holdsSpare: { readonly state: Text; readonly marginVolts: number };
  keepsOverNeeds: {
    readonly likelyVolts: number;
    readonly state: Text;
    readonly doorMinVolts: number;
    readonly doorFullVolts: number;
  };
  likelyKeepsBut: { readonly likelyVolts: number; readonly state: Text; readonly belief: number };
  keepsTransformerAbove: { readonly likelyVolts: number; readonly state: Text };
  standsHighMains: { readonly highestVolts: number; readonly doorMaxVolts: number };
  likelyHoldsCases: {
    readonly likelyVolts: number;
    readonly state: Text;
    readonly needs: Text;
    readonly belief: number;
  };
  likelyCollapsesHolds: { readonly state: Text; readonly belief: number };
  fallsToIn: { readonly likelyVolts: number; readonly state: Text; readonly needs: Text };
  collapsesIn: { readonly state: Text; readonly needs: Text };
  electronicChimeSeries: None;
  nothingCheaper: { readonly own: Text };
  wouldSilenceChime: None;
  wouldHoldToo: None;
  doesCollapse: { readonly state: Text };
  dropsToIn: { readonly likelyVolts: number; readonly state: Text };
  doesStandHigh: { readonly highestVolts: number };
  holdsOnlyCases: { readonly belief: number };
  nextCheaperWay: { readonly own: Text; readonly does: Text };
  silencesChime: None;
  needsLicensedPerson: None;
  costsMoreMinutes: { readonly more: number };
  wouldDoFirms: { readonly own: Text };
  but: { readonly own: Text; readonly reasons: readonly Text[] };
  // wayPlan
  flatScrewdriver: None;
  wireStripper: None;
  fishTape: None;
  longBit: None;
  cableClips: None;
  oneVisitComes: None;
  oneVisit: None;
  kindChimeModule: { readonly setting: Text };
  plugSounderPaired: None;
  chargingShownWires: None;
  openVoltsNew: None;
  voltsDoor: { readonly state: Text };
  voltsOverChime: None;
  voltsWhilePlays: None;
  ringsCleanWithin: None;
  sounderRings: None;
}

declare module '../said/said' {
  interface Sayings extends AdviceSayings {}
}
