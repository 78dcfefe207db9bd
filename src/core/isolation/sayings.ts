import type { None } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface IsolationSayings {
  live: None;
  // circuitState
  notKnown: None;
  offNotProved: None;
  provedDead: None;
  // gate
  noCircuitNamed: None;
  notKnownWhether: None;
  circuitLive: None;
  offButNot: None;
  bellWiresNot: None;
  noMainsProof: None;
  plugNotOut: None;
  plugByAnother: None;
  provedSomebodyElse: None;
  bellSideNot: None;
  notAskedYet: None;
  offNotTagged: None;
  offNotGuarded: None;
  wereYouAway: None;
  serverAwayOwnOnly: None;
  bellSideIsMains: None;
  conductorsNotSpread: None;
  secondTransformerJoined: None;
  secondCircuitBox: None;
  sharedNeutralOther: None;
  // hints
  bellDoesNot: None;
  lampChargerDark: None;
  nonContactPen: None;
  bellRings: None;
  lampChargerLit: None;
  nonContactPenBeeps: None;
  // wayPrior
  somebodysLifeMay: None;
  thawsNobodyHome: None;
  alarmPeopleTold: None;
  computersWorkMust: None;
  mustNotStand: None;
  // proof
  overVBell: { readonly bellVoltsMost: number };
  moreVNot: { readonly deadVoltsMost: number };
  useMeterRated: None;
  wetNoProof: None;
  testEveryPair: None;
  tryTesterKnown: None;
  figureMissing: None;
  borrowedNeutral: { readonly deadVoltsMost: number };
}

declare module '../said/said' {
  interface Sayings extends IsolationSayings {}
}
