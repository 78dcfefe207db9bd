import { parts, type Slots } from '../../parts';
import type { Terms } from '../../terms';

/** The readings of a proof at the bell wires. */
interface Volts {
  readonly betweenVolts: number;
  readonly firstToEarthVolts: number;
  readonly secondToEarthVolts: number;
}

/** Isolate. */
export const isolate = {
  theSame: ({ way }: { readonly way: string }) => `The same ${way}?`,
  isItTheSame: <T>({ way, way2, fedNames }: Slots<T, 'way' | 'way2' | 'fedNames'>) =>
    parts`Is it the same ${way} as ${way2} that feeds ${fedNames}?`,
  untilYouSaySo: <T>({ isItThe }: Slots<T, 'isItThe'>) =>
    parts`${isItThe} Until you say so, what is seen of one ends the proof of the other, and nothing else is shared.`,
  yesOne: ({ way }: { readonly way: string }) => `Yes, one ${way}`,
  noOnAnother: ({ board }: { readonly board: string }) => `No, on another ${board}`,
  lookedNoToBoth: 'Looked for: no to both',
  sharedNeutralIsolateAll:
    'Shared neutral: isolate all its poles, clamp the neutral, never part a neutral that carries current.',
  labelToPrint: 'Label to print',
  foundByEliminationOn: 'Found by elimination: on paper only.',
  aNewMakesThe: ({ way }: { readonly way: string }) =>
    `A new ${way} makes the state “not known” again. The label is a claim until the circuit was proved dead.`,
  orTheSameAs: 'or the same as',
  aSecondCircuitFeeds: 'A second circuit feeds it too',
  whichIsTheSecond: ({ way }: { readonly way: string }) => `which ${way} is the second one`,
  itsLabel: 'its label',
  nameTheSecondCircuit: 'Name the second circuit',
  whatItIsBesideThe: 'what it is beside the first',
  thatIsTheSame: ({ way, other }: { readonly way: string; readonly other: string }) =>
    `That is the same ${way} as ${other}: a second feed hangs on another one. Which?`,
  noted: ({ hints }: { readonly hints: number }) => ` (${hints} noted)`,
  bellLampPen: ': bell, lamp, pen',
  aHintToNote: ({ hints }: { readonly hints: string }) => `A hint to note${hints}`,
  aBellThatDoes:
    'A bell that does not ring, a dark lamp or a quiet pen is a hint, not a proof. A sign of life ends a proof.',
  aSignOfLife: 'a sign of life',
  aHintNoProof: 'a hint, no proof',
  betweenTheTwoLeads: 'between the two leads',
  firstLeadToEarth: ({ ground }: Pick<Terms, 'ground'>) => `first lead to ${ground}`,
  secondLeadToEarth: ({ ground }: Pick<Terms, 'ground'>) => `second lead to ${ground}`,
  hotToNeutral: ({ hot }: Pick<Terms, 'hot'>) => `${hot} to neutral`,
  hotToGround: ({ hot, ground }: Pick<Terms, 'hot' | 'ground'>) => `${hot} to ${ground}`,
  neutralToGround: ({ ground }: Pick<Terms, 'ground'>) => `neutral to ${ground}`,
  meterIsRatedFor: 'Meter is rated for mains',
  placeIsDry: 'Place is dry',
  twoPoleTesterTried: 'Two-pole tester tried on a live point before',
  everyPairAndEach: 'Every pair and each conductor in the box tested',
  testerTriedOnA: 'Tester tried on a live point afterwards',
  lockedOffKeyKept: 'Locked off, key kept',
  fuseOutAndKept: 'Fuse out, kept',
  tapedAndWatched: 'Taped, board watched',
  whatKeepsItOff: 'what keeps it off',
  whoHasTheFuse: 'who has the fuse',
  whoWatches: 'who watches the board',
  writeItDown: 'Write it down',
  longLeadFrom: ({ ground }: Pick<Terms, 'ground'>) => `no ${ground} here: long lead from`,
  moreThanBellVoltage: 'More than bell voltage stood here: this bell side is mains until somebody writes why.',
  whyItStoodThere: 'why it stood there',
  writeTheReason: 'Write the reason',
  beforeItGoesOn: ({ words }: { readonly words: string }) => `Before it goes on, ${words}.`,
  provedElsewhere: ({ points }: { readonly points: string }) =>
    `Proved dead at ${points}: that is no test of the conductors here.`,
  proveDeadHere: ({ name }: { readonly name: string }) => `${name}: prove it dead here`,
  coverOffIsTheProof: 'The proof is made with the cover off, as the first step in the box.',
  goOnAtWire: 'Go on at Wire',
  writeTheReadingDown: 'Write the reading down',
  writeTheProofDown: 'Write the proof down',
  allSoWriteTheProof: 'All of these are so: write it down',
  nothingOnAny: 'The meter showed nothing at all three: 0 V each',
  typeAllThreeReadings: 'Type all three readings: 0 where the meter shows nothing.',
  bellVoltageAndNo: 'Bell voltage and no more. It proves nothing dead.',
  thisProvesItDead: 'This proves it dead.',
  bellSideLiveBy: 'Bell side live, by the school of this job',
  readAsBellVoltage: ({ betweenVolts, firstToEarthVolts, secondToEarthVolts, ground }: Volts & Pick<Terms, 'ground'>) =>
    `Read as bell voltage: ${betweenVolts} V between, ${firstToEarthVolts} and ${secondToEarthVolts} V to ${ground}. Bell steps are free until something is switched.`,
  twoLeadsThatTouch: 'Two leads that touch short the transformer; the device may restart in mid-work.',
  proveTheBellSide: 'Prove the bell side dead',
  itIsOnAgain: 'It is on again',
  iWasAwayAnd: 'I was away and am back',
  itIsLiveNow: 'It is live now',
  theCircuit: 'the circuit',
  saveWorkOnComputers: 'Save work on computers first: clocks and routers restart.',
  taggedSoThatNobody: 'Tagged, so that nobody turns it on',
  everybodyInTheHouse: 'Everybody in the house told',
  allSoItIsOff: ({ name }: { readonly name: string }) => `All of these: ${name} is off`,
  isOffAndTagged: ({ name }: { readonly name: string }) => `${name} is off and tagged`,
  isOffNotTagged: ({ name }: { readonly name: string }) => `${name} is off, not tagged`,
  vBetweenAndV: ({ betweenVolts, firstToEarthVolts, secondToEarthVolts, ground }: Volts & Pick<Terms, 'ground'>) =>
    `${betweenVolts} V between, ${firstToEarthVolts} and ${secondToEarthVolts} V to ${ground}`,
  andVTesterTried: ({
    hotNeutralVolts,
    hotGroundVolts,
    neutralGroundVolts,
  }: {
    readonly hotNeutralVolts: number;
    readonly hotGroundVolts: number;
    readonly neutralGroundVolts: number;
  }) => `${hotNeutralVolts}, ${hotGroundVolts} and ${neutralGroundVolts} V, tester tried before and after`,
  bellSide: 'Bell side',
  simulated: 'simulated',
  itStandsUntilSomething: 'It stands until something is switched.',
  mainsSide: 'Mains side',
  itEndsWithAny: 'It ends with any absence, switching or change of person.',
  onAnotherBoard: 'on another board',
  noLabel: 'no label',
  keptOnAgreedFor: 'kept on, agreed for now',
  byAgreementOnly: ({ why }: { readonly why: string }) => `by agreement only${why}`,
  somebodyWorksUnderIt: 'kept: somebody works under it',
  keepOn: 'keep on',
  agreedMayBeDropped: 'agreed, may be dropped',
  kept: 'kept ',
  whatIsLeft: 'What is left',
  moreEachLessLikely: ({ rest }: { readonly rest: number }) => `${rest} more, each less likely`,
  aloneWalkAndLook: 'alone: walk and look',
  twoOneAtThe: 'two: one at the door',
  huntTheBreaker: ({ way }: Pick<Terms, 'way'>) => `Hunt the ${way}`,
  listTheFirstHow: ({ board }: { readonly board: string }) =>
    `List the ${board} first: how many ways it has is enough to begin.`,
  listThe: ({ board }: { readonly board: string }) => `List the ${board}`,
  theAnswersContradictOne: ({ way }: { readonly way: string }) =>
    `The answers contradict one another: no ${way} is left. Take one back.`,
  itIsOnNone: 'It is on none of the listed ways.',
  listAnotherBoardOr: <T>({ itIsOn, way }: Slots<T, 'itIsOn' | 'way'>) =>
    parts`${itIsOn} List another board, or it has no ${way} of its own: main switch, or an electrician.`,
  listAnotherBoard: 'List another board',
  onlyWaysAreLeft: 'Only ways are left that are kept on.',
  eachByAgreementOnly: <T>({ onlyWaysAre }: Slots<T, 'onlyWaysAre'>) =>
    parts`${onlyWaysAre} Each by agreement only: ask whoever it concerns, then say so in the list.`,
  leftAboutMoreTests: <T>({
    left,
    expectedTests,
    expectedMinutes,
  }: Slots<T, 'left' | 'expectedTests' | 'expectedMinutes'>) =>
    parts`${left} left · about ${expectedTests} more tests · ${expectedMinutes}`,
  dropThese: 'drop these',
  drop: 'Drop',
  andLookIsThe: 'and look: is the bell dead?',
  beforeAnyTestWork: 'Before any test: work on computers saved; clocks and routers restart.',
  itDied: 'It died',
  stillOn: 'Still on',
  allWereOffAnd: ({ droppable }: { readonly droppable: number }) =>
    `All ${droppable} were off and it stayed on: none of these`,
  thatWayIsNot: 'That way is not listed any more.',
  itDiedWithThis: 'It died with this one alone.',
  foundByEliminationOnPaper: 'Found by elimination, on paper only: it is still switched off and proved.',
  nameAsTheCircuit: ({ name }: { readonly name: string }) => `Name ${name} as the circuit`,
  died: 'died',
  stillOn2: 'still on',
  off: <T>({ ways, died }: Slots<T, 'ways' | 'died'>) => parts`${ways} off: ${died}`,
  takeBack: <T>({ ways }: Slots<T, 'ways'>) => parts`take back${ways}`,
  aloneMinForA: ({ walkMinutes }: { readonly walkMinutes: number }) => `Alone, ${walkMinutes} min for a walk`,
  twoPeopleOneAt: 'Two people, one at the door',
  minForASwitch: ({ walkMinutes, switchMinutes }: { readonly walkMinutes: string; readonly switchMinutes: number }) =>
    `${walkMinutes}, ${switchMinutes} min for a switch`,
  whoHunts: 'who hunts',
  aloneLeaveALamp: 'Alone, leave a lamp or a sounder where it can be seen or heard: it saves walks.',
  orNameItIf: 'Or name it, if you know it',
  theCircuit2: 'The circuit',
  nameItHereAnd: ({ say }: { readonly say: string }) => `${say}: name it here, and isolate both.`,
  itsState: 'Its state',
  findTheBreakerOr: ({ way }: Pick<Terms, 'way'>) => `Find the ${way} or name it first.`,
  bellSideWhileWorking: 'Bell side while working on this job',
  mainsStepsAreNever: 'Mains steps are never touched by this.',
  onThisJob: ({ school }: { readonly school: string }) => `${school} on this job`,
  itsPlug: 'Its plug',
  deadWhileOut: ({ way, outlet }: Pick<Terms, 'way' | 'outlet'>) =>
    `No ${way} is looked for: it is dead while its plug is out of the ${outlet}, where whoever works on it sees it.`,
  iSeeItOut: ({ outlet }: Pick<Terms, 'outlet'>) => `It is out of the ${outlet}, and I see it`,
  itGoesIn: ({ outlet }: Pick<Terms, 'outlet'>) => `It goes into the ${outlet} again`,
  nothingIsSwitchedOff: ({ way }: Pick<Terms, 'way'>) =>
    `Nothing is switched off for it and no ${way} is looked for: it is dead while its plug is out and in sight. It goes in last, when all is wired and closed.`,
  noWayIsTaken: 'No way is taken yet: which proof is needed follows from it.',
  aheadStepsTouchMains: ({ mains }: { readonly mains: number }) =>
    `Ahead: ${mains} ${mains === 1 ? 'step touches' : 'steps touch'} mains, ${mains === 1 ? 'done' : 'each done'} by whoever proved the place dead.`,
  stepTouches: 'step touches',
  stepsTouch: 'steps touch',
  noneTouchesMains: 'none touches mains. ',
  touchMains: ({ mains }: { readonly mains: number }) => `${mains} touch mains. `,
  theBellSidesProof: 'The bell side’s proof is enough.',
  theMainsStepsAsk:
    'The mains steps ask for a mains proof by the person who does them, the bell steps for a proof at the bell wires.',
  aheadTheBellWires: ({
    bell,
    stepTouches,
    noneTouchesMains,
    theBellSide,
  }: {
    readonly bell: number;
    readonly stepTouches: string;
    readonly noneTouchesMains: string;
    readonly theBellSide: string;
  }) => `Ahead: ${bell} ${stepTouches} the bell wires, ${noneTouchesMains}${theBellSide}`,
  hallLights: 'hall lights',
  garage: 'garage',
};
