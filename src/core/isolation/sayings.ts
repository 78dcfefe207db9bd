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
  provedSomebodyElse: None;
  provedSimulatedMeter: None;
  bellSideNot: None;
  notAskedYet: None;
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
  lockBreakerOff: None;
}

declare module '../said/said' {
  interface Sayings extends IsolationSayings {}
}
