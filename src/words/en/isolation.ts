import type { IsolationSayings } from '@/core/isolation';
import type { Sentences } from '../sentence';

export const isolation: Sentences<IsolationSayings> = {
  live: 'live',
  // isolation/circuitState
  notKnown: 'not known',
  offNotProved: 'off, not proved',
  provedDead: 'proved dead',
  // isolation/gate
  noCircuitNamed: 'no circuit named yet',
  notKnownWhether: 'not known whether it is live',
  circuitLive: 'the circuit is live',
  offButNot: 'off, but not proved dead',
  bellWiresNot: 'its bell wires are not proved dead',
  plugNotOut: (_, t) => `its plug was not seen out of its ${t.outlet}`,
  plugByAnother: 'somebody else saw its plug out: look yourself',
  noMainsProof: 'no mains proof of dead',
  provedSomebodyElse: 'proved by somebody else: prove it yourself',
  bellSideNot: (_, t) => `bell side not read: at most 35 V between and to ${t.ground}`,
  notAskedYet: 'not asked yet: a second feed, a shared neutral?',
  offNotTagged: 'off, but not tagged',
  offNotGuarded: 'off and tagged, but not locked or guarded',
  wereYouAway: 'nothing written for long: were you at it all the time?',
  serverAwayOwnOnly: 'the server is away: only your own proof, made on this screen, opens it',
  bellSideIsMains: 'more than bell voltage stood on the bell side: write why first',
  conductorsNotSpread: 'part and spread the conductors dead first',
  secondTransformerJoined: 'a second transformer is joined on, its circuit not named',
  secondCircuitBox: 'a second circuit is in the box, not named',
  sharedNeutralOther: 'shared neutral: the other circuit is not named',
  // isolation/hints
  bellDoesNot: 'bell does not ring',
  lampChargerDark: 'lamp or charger dark',
  nonContactPen: 'non-contact pen quiet',
  bellRings: 'bell rings',
  lampChargerLit: 'lamp or charger lit',
  nonContactPenBeeps: 'non-contact pen beeps',
  // isolation/hunt/wayPrior
  somebodysLifeMay: 'somebody’s life may hang on it',
  thawsNobodyHome: 'thaws with nobody home',
  alarmPeopleTold: 'alarm: its people have to be told first',
  computersWorkMust: 'computers: work must be saved first',
  mustNotStand: 'must not stand still unseen',
  // isolation/proof
  overVBell: ({ bellVoltsMost }) =>
    `Over ${bellVoltsMost} V on the bell side: treat it as mains and find out why before anything else.`,
  moreVNot: ({ deadVoltsMost }, t) =>
    `More than ${deadVoltsMost} V is there: it is not dead. Wrong ${t.way}, or a second feed.`,
  useMeterRated: 'Use a meter that is rated for mains: bell wires may touch mains somewhere.',
  wetNoProof: 'In the wet this is no proof. Dry the place first.',
  testEveryPair: 'Test every pair and each conductor in the box.',
  tryTesterKnown: 'Try the tester on a known live point before and after.',
  figureMissing: 'Type all three readings: one that is missing proves nothing.',
  borrowedNeutral: ({ deadVoltsMost }, t) =>
    `More than ${deadVoltsMost} V from neutral to ${t.ground} alone: a borrowed neutral, or bad ${t.ground}. Open the main switch, all poles, and test again.`,
};
