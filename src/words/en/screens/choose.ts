import type { Terms } from '../../terms';
import { parts, type Slots } from '../../parts';

/** Choose at a doorbell. */
export const choose = {
  whyThisOne: 'why this one',
  itIsNotSure: 'It is not sure to hold: say why it is taken all the same.',
  atTheWireBy: ({ place }: { readonly place: string }) => `At the ${place}, wire by wire`,
  asItIsNow: 'as it is now',
  theAsItIs: ({ place }: { readonly place: string }) => `The ${place} as it is now`,
  staysAsItIs: 'stays as it is',
  afterwardsWhatChangesIn: ({ colour }: Pick<Terms, 'colour'>) => `afterwards, what changes in ${colour}`,
  theAfterwards: ({ place }: { readonly place: string }) => `The ${place} afterwards`,
  ringsWell: 'rings well',
  mayNotStrike: 'may not strike',
  hammersAndHeats: 'hammers and heats',
  keeps: <T>({ likely }: Slots<T, 'likely'>) => parts`keeps ${likely}`,
  getsTooLittleTo: 'gets too little to run at all',
  atWorstItAnd: <T>({ name, likely, minVolts, belief }: Slots<T, 'name' | 'likely' | 'minVolts' | 'belief'>) =>
    parts`${name} at worst it ${likely} and needs ${minVolts} V; it holds in ${belief} of cases, all doorbells at work together.`,
  whatItAsksFor: 'What it asks for',
  tools: ({ visits, parts }: { readonly visits: string; readonly parts: string }) => `${visits}. Tools: ${parts}.`,
  set: ({ settings }: { readonly settings: string }) => `Set: ${settings}.`,
  toV: ({ low, high }: { readonly low: string; readonly high: string }) => `${low} to ${high} V`,
  withAPowerModule: 'With a power module',
  withoutTheModule: 'Without the module',
  theDoorWouldKeep: <T>({ governingVolts }: Slots<T, 'governingVolts'>) => parts`the door would keep ${governingVolts}`,
  theSupplyWouldCollapse: 'the supply would collapse',
  theDeviceDoesNot: ({ forbidden }: { readonly forbidden: string }) => `; the device does not allow it: ${forbidden}.`,
  theDeviceDoesNotAllow: ({ forbidden }: { readonly forbidden: string }) =>
    `The device does not allow it: ${forbidden}.`,
  atTheWorstLow: 'At the worst: low mains, winding and wires at their warmest',
  theDeviceIs: 'the device is',
  low: 'low',
  likely: 'likely',
  high: 'high',
  ofRating: 'of rating',
  none: 'none',
  guessed: ', guessed',
  inStandbyMakeIt: ({ likely }: { readonly likely: string }) => `In standby ${likely} make it hum.`,
  noHumInStandby: 'No hum in standby.',
  pressedTheChimeGets: <T>({
    likely,
    low,
    high,
    ratedVolts,
    ratingRead,
    rings,
    likely2,
  }: Slots<T, 'likely' | 'low' | 'high' | 'ratedVolts' | 'ratingRead' | 'rings' | 'likely2'>) =>
    parts`Pressed, the chime gets ${likely} (${low} to ${high}), made for ${ratedVolts} V${ratingRead}: it ${rings}. ${likely2}`,
  whatThisChimeGets: 'What this chime gets can’t be worked out here: ring it and listen.',
  theChimeInThe: 'The chime in the wall is silent: a plug-in sounder rings.',
  voltsOnTheirWay: ({ governing }: { readonly governing: string }) => `Volts on their way, ${governing}`,
  minutesInParts: ({
    minutes,
    cost,
    what,
  }: {
    readonly minutes: number;
    readonly cost: string;
    readonly what: string;
  }) => `${minutes} minutes, ${cost} in parts. ${what}.`,
  minutesAndMoney: 'minutes and money',
  minutes: 'minutes',
  money: 'money',
  across: 'across',
  costAgainstVoltsTo: 'Cost against volts to spare',
  voltsToSpareAt: 'volts to spare at worst',
  taken: 'taken',
  proposed: 'proposed',
  forMinAndIn: ({
    wayWords,
    marginVolts,
    minutes,
    cost,
  }: {
    readonly wayWords: string;
    readonly marginVolts: string;
    readonly minutes: number;
    readonly cost: string;
  }) => `${wayWords}: ${marginVolts} for ${minutes} min and ${cost} in parts.`,
  roundHoldsDiamondTight: 'Round: holds. Diamond: tight. Empty: can’t tell. Cross: out.',
  toV2: ({ state, low, high }: { readonly state: string; readonly low: string; readonly high: string }) =>
    `${state} ${low} to ${high} V`,
  notAllowed: 'not allowed',
  toSpare: 'to spare',
  doorVoltsByState: 'door volts by state',
  showTheFirstFew: 'Show the first few',
  showAllWaysAre: ({ rows, folded }: { readonly rows: number; readonly folded: number }) =>
    `Show all ${rows} ways: ${folded} are beaten, much alike or not allowed`,
  leaveIt: 'leave it',
  joinSparePairs: 'join spare pairs',
  pullHeavierWire: 'pull heavier wire',
  makeBadSplicesAnew: 'make bad splices anew',
  workingTheWaysOut: 'Working the ways out …',
  theWaysCouldNot: ({ message }: { readonly message: string }) =>
    `The ways could not be worked out (${message}). Nothing is lost: open the page again.`,
  firstFiguresOfWays: ({ done, ofWord }: { readonly done: number; readonly ofWord: number }) =>
    `First figures; ${done} of ${ofWord} ways worked out fully.`,
  leaveItAtThat: 'Leave it at that',
  leftAtTheFirst: 'Left at the first, rough figures.',
  thereIsNoWay: 'There is no way with this chime in this region.',
  itIsProposedBy: 'It is proposed by this school',
  proposeByItHere: 'Propose by it here',
  allDoorbellsSideBy: 'All doorbells side by side, for the customer',
  worthConsidering: 'Worth considering',
  theOneThatIs: 'The one that is picked, and those next to it',
  whyNotThisOne: 'Why not this one?',
  replacingTheTransformerIs:
    'Replacing the transformer is mains work: its steps follow on Wire, held until you have proved the mains side dead yourself. Mains can kill; if not competent and permitted, hire a licensed electrician.',
  whatItCostsAgainst: 'What it costs against what it has to spare',
  leadsSoFar: <T>({ wayWords, reason }: Slots<T, 'wayWords' | 'reason'>) => parts`${wayWords} leads so far. ${reason}`,
  takeNamed: ({ way }: { readonly way: string }) => `Take: ${way}`,
  takeNamedAgain: ({ way }: { readonly way: string }) => `Take again: ${way}`,
  notComputed: 'not computed',
  ringAndListen: 'Usual practice here, not computed: press, and listen whether the chime plays to its end.',
  isProposed: <T>({ wayWords, reason }: Slots<T, 'wayWords' | 'reason'>) => parts`${wayWords} is proposed. ${reason}`,
  nothingCanBeProposed: 'Nothing can be proposed yet.',
  noWayWithThis: 'No way with this device can be trusted, and no reading would change that.',
  wouldHold: <T>({ wayWords }: Slots<T, 'wayWords'>) => parts`${wayWords} would hold.`,
  itsVPair: ({ ratedVolts, screws }: { readonly ratedVolts: number; readonly screws: string }) =>
    `its ${ratedVolts} V pair ${screws}`,
  keepTheOldOne: 'keep the old one',
  transformer: 'transformer',
  chime: 'chime',
  wire: 'wire',
  device: 'device',
  collapses: 'collapses',
  rings: 'rings',
  silent: 'silent',
  way: 'way',
  verdict: 'verdict',
  believed: 'believed',
  cost: 'cost',
  theWorkerDidNot: 'The worker did not start.',
};
