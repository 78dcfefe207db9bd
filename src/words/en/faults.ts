import type {
  DoorFault,
  DoorSymptom,
  DoorTestKind,
  FaultSayings,
  FixtureFault,
  FixtureSymptom,
  FixtureTestKind,
} from '@/core/faults';
import type { Sentence, Sentences } from '../sentence';
import type { Terms } from '../terms';

type Fault = DoorFault | FixtureFault;
type Test = DoorTestKind | FixtureTestKind;
type Words<K extends string> = Readonly<Record<K, Sentence<Readonly<Record<never, never>>>>>;

const COMPLAINTS: Words<DoorSymptom | FixtureSymptom> = {
  offline: 'it is dead, or off line',
  weak: 'it says that its supply is weak',
  noChime: 'the chime does not ring',
  dropsAtNight: 'it drops out at night',
  notTold: 'a phone is told nothing',
  dead: 'neither lamps nor camera',
  lampsDark: 'its lamps stay dark',
  dropsWithLamps: 'it drops out as its lamps come on',
  trips: (_, t) => `it trips its ${t.way}`,
  neverFires: 'its sensor never fires',
  firesAtStreet: 'its sensor fires at the street',
};

const FAULTS: Words<Fault> = {
  feedOff: (_, t) => `a ${t.way} that is off`,
  switchedFeed: 'transformer fed through a light switch',
  mainsLow: 'low mains in the whole house',
  transformerDead: 'dead transformer',
  transformerTired: 'tired transformer',
  lowTap: 'wrong pair of screws',
  sharedLoad: 'something else on the transformer',
  openToChime: 'break in the run to the chime',
  openToDoor: 'break in the run to the door',
  badJointToChime: 'bad splice, run to the chime',
  badJointToDoor: 'bad splice, run to the door',
  shortToDoor: 'short in the run to the door',
  noModule: 'module not in the loop',
  fuseOpen: 'open fuse link',
  coilOpen: 'open coil in the chime',
  deviceDead: 'the doorbell itself',
  firstCharge: 'a first charge that is not over',
  wrongChimeKind: 'wrong setting for the chime',
  wifiWeak: 'weak Wi-Fi',
  notEnough: 'a supply that never was enough',
  routerAsleep: 'a router that is off or asleep',
  otherBand: 'another band at the router',
  passwordChanged: 'a new Wi-Fi password',
  phoneSettings: 'permissions of the phone',
  accountSetting: 'setting of the account',
  breakerOff: (_, t) => `a ${t.way} that is off`,
  protectionTripped: (_, t) => `tripped ${t.residual}`,
  switchOff: 'a wall switch that is off',
  aheadOpen: 'a photocell, timer or sensor ahead of it',
  plugOut: 'a plug that is out',
  neutralOpen: 'open neutral',
  groundOpen: (_, t) => `open ${t.ground}`,
  spliceLoose: 'loose splice',
  waterInBox: 'water in the box',
  cameraDead: 'the camera itself',
  lampsDead: 'its lamps',
  lampsSetOff: 'lamps that are set off in its account',
  sensorTilted: 'a tilted sensor',
};

/** What to do about each, as an act. */
const REPAIRS: Words<Fault> = {
  feedOff: (_, t) => `Put its ${t.way} on; find out who turned it off.`,
  switchedFeed: (_, t) => `Feed the transformer from the unswitched ${t.hot}, ahead of the switch.`,
  mainsLow: 'Tell the network operator; nothing in the house mends it.',
  transformerDead: 'Another transformer.',
  transformerTired: 'Another transformer.',
  lowTap: 'Put the leads under the right pair of screws.',
  sharedLoad: 'Take the other load off its screws.',
  openToChime: 'Find the break and splice it, or pull a new run.',
  openToDoor: 'Find the break and splice it, or pull a new run.',
  badJointToChime: 'Cut the splice back and make it anew.',
  badJointToDoor: 'Cut the splice back and make it anew.',
  shortToDoor: 'Find where the pair touches and part it, or pull a new run.',
  noModule: 'Bring the module’s leads home under Trans and Front.',
  fuseOpen: 'Another fuse link; look for what blew it.',
  coilOpen: 'Another chime, or take it out of the loop.',
  deviceDead: 'Another doorbell.',
  firstCharge: 'Wait until it is charged.',
  wrongChimeKind: 'Set the kind of chime that hangs there.',
  wifiWeak: 'An extender, or the router nearer.',
  notEnough: 'A larger transformer: Choose has the ways.',
  routerAsleep: 'Router on again; no sleep at night.',
  otherBand: 'Give the band that it takes.',
  passwordChanged: 'Join it anew with the password of now.',
  phoneSettings: 'Allow its notices on that phone.',
  accountSetting: 'Put the setting right in its account.',
  breakerOff: (_, t) => `Put its ${t.way} on; find out who turned it off.`,
  protectionTripped: (_, t) => `Put the ${t.residual} on again; look out for why.`,
  switchOff: 'Switch on, blank it, and label it.',
  aheadOpen: (_, t) => `Take the ${t.hot} from ahead of it.`,
  plugOut: 'Plug it in; a cover that holds it.',
  neutralOpen: 'Make the splice of the neutral anew.',
  groundOpen: (_, t) => `Make the splice of the ${t.ground} anew.`,
  spliceLoose: 'Make the splice anew and tug each lead.',
  waterInBox: 'Dry it, new gasket, seal the top and the sides.',
  cameraDead: 'Another fixture.',
  lampsDead: 'Another fixture.',
  lampsSetOff: 'Let them come on in its account.',
  sensorTilted: 'Set the sensor as it was planned, and walk before it.',
};

/** For whoever lives there, once it was done: what it was, and that it was put right. */
const REPAIRED: Words<Fault> = {
  feedOff: (_, t) => `Its ${t.way} was off. It is on again.`,
  switchedFeed: 'It was fed through a light switch and went off with it. Now it has its own feed.',
  mainsLow: 'The mains of your house were low. Your network operator was told.',
  transformerDead: 'The transformer that feeds it was dead. There is a new one.',
  transformerTired: 'The transformer that feeds it had grown weak. There is a new one.',
  lowTap: 'It was joined to the wrong screws of its transformer. It is on the right ones.',
  sharedLoad: 'Something else drew from its transformer. It has it to itself now.',
  openToChime: 'A wire to the chime was broken. It was mended.',
  openToDoor: 'A wire to the door was broken. It was mended.',
  badJointToChime: 'A wire joint near the chime had gone bad. It was made anew.',
  badJointToDoor: 'A wire joint near the door had gone bad. It was made anew.',
  shortToDoor: 'Two wires to the door touched. They were parted.',
  noModule: 'A lead of its module at the chime had come off. It is home again.',
  fuseOpen: 'A small fuse at the chime had blown. There is a new one.',
  coilOpen: 'The chime was broken inside.',
  deviceDead: 'The doorbell itself was broken. There is a new one.',
  firstCharge: 'It was not charged yet. Now it is.',
  wrongChimeKind: 'It was set to another kind of chime. The setting was put right.',
  wifiWeak: 'The Wi-Fi was weak at its place. That was put right.',
  notEnough: 'What fed it was too small for it. It has a larger transformer.',
  routerAsleep: 'Your router was off. It is on again.',
  otherBand: 'Your router used a band that it does not take. That was put right.',
  passwordChanged: 'Your Wi-Fi has a new password. It was joined again with that.',
  phoneSettings: 'Your phone did not let it speak. Now it does.',
  accountSetting: 'A setting of its account kept it silent. It was put right.',
  breakerOff: (_, t) => `Its ${t.way} was off. It is on again.`,
  protectionTripped: (_, t) => `Its ${t.residual} had tripped. It is on again.`,
  switchOff: 'A wall switch had turned it off. Leave that switch on.',
  aheadOpen: 'Something ahead of it turned it off. It has its own feed now.',
  plugOut: 'Its plug was out. It is in again.',
  neutralOpen: 'A wire in its box had come loose. It was joined anew.',
  groundOpen: (_, t) => `Its ${t.ground} had come loose. It was joined anew.`,
  spliceLoose: 'A wire joint in its box was loose. It was made anew.',
  waterInBox: 'Water had got into its box. It was dried and sealed.',
  cameraDead: 'Its camera was broken. There is a new one.',
  lampsDead: 'Its lamps were broken. There is a new one.',
  lampsSetOff: 'Its lamps were set off. They come on again.',
  sensorTilted: 'Its sensor had tilted. It was set anew.',
};

interface Named {
  readonly name: Sentence<{ readonly state: string }>;
  readonly how: Sentence<Readonly<Record<never, never>>>;
}
const STATES: Readonly<Record<string, string>> = {
  boot: 'while it starts',
  standby: 'in standby',
  liveDay: 'while its picture runs',
  liveNight: 'while its picture runs in the dark',
};
const whileIt = (state: string): string => STATES[state] ?? 'while it runs';

const TESTS: Readonly<Record<Test, Named>> = {
  mainsVolts: { name: (_, t) => `Mains at ${t.anOutlet}`, how: 'Any one of the house; never taken for dead.' },
  lightSwitch: { name: 'Light switches near the transformer, on', how: 'Each in turn. Does it wake?' },
  mainsPresent: {
    name: 'Mains at the transformer, from outside',
    how: 'A tester that needs no contact, held to the cable. It can be wrong.',
  },
  openVolts: {
    name: 'Transformer alone, nothing on it',
    how: 'House wires off its screws first, off; then on, and read.',
  },
  loadVolts: {
    name: 'Transformer under a known resistor',
    how: 'House wires off its screws first, off; then on, and read.',
  },
  runningVolts: {
    name: ({ state }) => `Volts at the transformer ${whileIt(state)}`,
    how: 'All as it stands, at its bell screws.',
  },
  chimeVolts: {
    name: ({ state }) => `Volts from Trans to the return ${whileIt(state)}`,
    how: 'Cover of the chime off, all as it stands.',
  },
  acrossChime: {
    name: ({ state }) => `Volts from Trans to Front ${whileIt(state)}`,
    how: 'Cover of the chime off, all as it stands.',
  },
  frontVolts: {
    name: ({ state }) => `Volts from Front to the return ${whileIt(state)}`,
    how: 'Cover of the chime off, all as it stands.',
  },
  doorVoltsRunning: {
    name: ({ state }) => `Volts at the door ${whileIt(state)}`,
    how: 'Off its plate, leads on its screws.',
  },
  doorVoltsOpen: { name: 'Volts at the door, leads off', how: 'Both leads apart from the device.' },
  branch: { name: 'Another pair under the transformer’s screws', how: 'Look, and follow what you find.' },
  loopToChime: { name: 'Ohms of the run to the chime', how: 'Far end joined, both ends off.' },
  loopToDoor: { name: 'Ohms of the run to the door', how: 'Far end apart first, then joined.' },
  link: { name: 'The fuse link, end to end', how: 'Ohms, one end off: closed or open.' },
  pathOhms: { name: 'Ohms from Trans to Front', how: 'One lead off, the module left where it is.' },
  coilOhms: { name: 'Ohms of the chime’s coil', how: 'One end off.' },
  bridge: { name: 'Trans and Front bridged', how: 'Put the bridge on while it is off; then on: does it wake?' },
  pressLeads: { name: 'Both door leads together', how: 'Device off them, touched together for a second.' },
  goodDevice: { name: 'Another doorbell of the kind in its place', how: 'Does that one run?' },
  dbm: { name: 'Wi-Fi at the spot', how: 'By a phone on the same band, door shut.' },
  report: { name: 'What it says of its supply', how: 'In its account, on the phone.' },
  chimeSetting: { name: 'Its setting for the chime', how: 'In its account, on the phone.' },
  otherDoor: { name: 'The other door on the same transformer', how: 'Is its doorbell awake?' },
  othersOnWifi: { name: 'Another device on the house’s Wi-Fi', how: 'The customer’s own phone will do.' },
  deviceLight: { name: 'Its own light', how: 'Dark: asleep or dead. Blinking: it looks for Wi-Fi. Steady: on line.' },
  bandLook: { name: 'The router’s band', how: 'Beside the one that it takes.' },
  otherPhone: { name: 'Another phone of the household', how: 'Press, or walk before it: is that phone told?' },
  boardLook: { name: (_, t) => `Its ${t.way}`, how: 'On, off, or in the middle.' },
  resetHolds: { name: 'Off, and on again', how: 'Does it stay on?' },
  wallSwitch: { name: 'Every wall switch near it, on', how: 'Does it wake?' },
  aheadOn: { name: 'Photocell covered, timer to on', how: 'Does it wake?' },
  lampsByPhone: { name: 'Lamps on, by the phone', how: 'Do they light, and does its picture stay?' },
  outletVolts: { name: (_, t) => `Volts at its ${t.outlet}`, how: 'With a plug-in tester, nothing opened.' },
  hotNeutral: {
    name: (_, t) => `${t.hot} to neutral in the box`,
    how: 'Off and proved dead, spread, everybody clear; on, read, off.',
  },
  hotNeutralLoaded: {
    name: (_, t) => `${t.hot} to neutral, lamps on`,
    how: 'Off and proved dead, spread, everybody clear; on, read, off.',
  },
  hotGround: {
    name: (_, t) => `${t.hot} to ${t.ground} in the box`,
    how: 'Off and proved dead, spread, everybody clear; on, read, off.',
  },
  boxLook: { name: 'A look into the box', how: 'Drops, rust, a tide mark.' },
  spliceTug: { name: 'A tug at each splice', how: 'Each lead by itself.' },
  sensorLean: { name: 'How its sensor leans', how: 'A phone’s level on its face: nose down counts up.' },
  walkAcross: { name: 'A walk across its sensor', how: 'At three metres, then somebody at the street.' },
};

const ANSWERS: Readonly<Record<string, string>> = {
  dropsOut: 'it drops out',
  on: 'yes, it wakes',
  off: 'no, it stays dark',
  yes: 'mains there',
  no: 'nothing there',
  found: 'found one',
  none: 'none there',
  open: 'open',
  shorted: 'shorted',
  closed: 'closed',
  rings: 'rings cleanly',
  weak: 'weakly',
  silent: 'silent',
  offline: 'off line',
  fair: 'fair',
  good: 'good',
  right: 'right',
  wrong: 'wrong',
  works: 'works',
  dead: 'dead',
  dark: 'dark',
  searching: 'blinks',
  steady: 'steady',
  same: 'the same',
  other: 'another',
  told: 'told',
  tripped: 'tripped',
  holds: 'it stays on',
  tripsAgain: 'trips again',
  wakes: 'it wakes',
  lit: 'lit',
  drops: 'its picture drops',
  dry: 'dry',
  wet: 'wet',
  firm: 'all firm',
  loose: 'one is loose',
  fires: 'near by only',
  street: 'at the street too',
  never: 'never',
};
/** Where the same word means something else at a test. */
const OWN_ANSWERS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  report: { weak: 'weak' },
  boardLook: { on: 'on', off: 'off' },
  otherDoor: { dead: 'dark too', works: 'it works' },
  othersOnWifi: { dead: 'no Wi-Fi at all' },
  goodDevice: { on: 'it runs', off: 'it does not' },
};

const PLACES: Readonly<Record<string, string>> = {
  board: 'at the board',
  hall: 'in the house',
  transformer: 'at the transformer',
  chime: 'at the chime',
  door: 'at the door',
  fixture: 'at the fixture',
};

const has = <T extends object>(table: T, key: string): key is keyof T & string => Object.hasOwn(table, key);

/** A sentence of a table; two faults at once have both. What another version of the program wrote keeps its name. */
const fromTable =
  (table: Words<Fault>, joint: string) =>
  ({ fault }: { readonly fault: string }, terms: Terms): string =>
    fault
      .split('+')
      .map((one) => {
        if (!has(table, one)) return one;
        const sentence = table[one];
        return typeof sentence === 'string' ? sentence : sentence({}, terms);
      })
      .join(joint);

const nameOf = fromTable(FAULTS, ' and ');

const UNITS = { volts: 'V', ohms: 'Ω', dbm: 'dBm', degrees: '°' } as const;
const unitOf = (of: keyof typeof UNITS | null): string => (of === null ? '' : UNITS[of]);
const UNTESTED: Readonly<Record<string, string>> = {
  cantReach: 'can’t be reached',
  noTool: 'no tool for it',
  notSafe: 'not safe',
  notNow: 'not now',
};

export const faults: Sentences<FaultSayings> = {
  complaint: ({ symptom }, terms) => {
    if (!has(COMPLAINTS, symptom)) return symptom;
    const words = COMPLAINTS[symptom];
    return typeof words === 'string' ? words : words({}, terms);
  },
  faultName: nameOf,
  faultRepair: fromTable(REPAIRS, ' '),
  faultRepaired: fromTable(REPAIRED, ' '),
  testName: ({ test, state }, terms) => {
    if (!has(TESTS, test)) return test;
    const { name } = TESTS[test];
    const named = typeof name === 'string' ? name : name({ state }, terms);
    return named.charAt(0).toUpperCase() + named.slice(1);
  },
  testHow: ({ test }, terms) => {
    if (!has(TESTS, test)) return '';
    const { how } = TESTS[test];
    return typeof how === 'string' ? how : how({}, terms);
  },
  testWord: ({ test, word }) => OWN_ANSWERS[test]?.[word] ?? ANSWERS[word] ?? word,
  testFigure: ({ value, of }, t) => `${t.number(value, of === 'volts' || of === 'ohms' ? 1 : 0)} ${unitOf(of)}`.trim(),
  notTested: ({ why }) => `not taken: ${UNTESTED[why] ?? why}`,
  repairTold: ({ fault, fixed }, terms) => {
    const name = nameOf({ fault }, terms);
    return fixed ? `repaired, and it works: ${name}` : `repaired in vain: ${name}`;
  },
  partTold: ({ part, batch, deadNew }) =>
    [
      part && `put in: ${part}`,
      batch && `batch of the old one: ${batch}`,
      deadNew && 'the old one was dead out of its bag',
    ]
      .filter(Boolean)
      .join(', '),
  mendedAt: ({ point, words }) => `${point}: ${words}`,
  testPlace: ({ place }) => PLACES[place] ?? place,
  byLicence: 'this is for somebody with a licence',
  switchItOnFirst: 'its circuit is off: switch it on for this',
  faultShort: 'fault looked for',
  lookingFor: ({ complaint }) => `a fault is looked for: ${complaint}`,
  faultLookedFor: ({ complaint }) => `A fault is looked for: ${complaint}.`,
  findItsFault: ({ complaint }) => `Find its fault: ${complaint}`,
  nextInFinder: 'The fault finder says what is tested next, and why.',
};
