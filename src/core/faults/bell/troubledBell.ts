import { NETWORK_FAULTS, NETWORK_TESTS } from '../network';
import { FIGURE, outcomesOf, type TestAsked, type TestShape } from '../diagnosis';

/** A run of bell wire as it is known beforehand. */
export interface RunKnown {
  readonly lengthM: number;
  /** ± at 5 and 95 %. */
  readonly lengthPercent: number;
  /** Cross-section of one conductor. */
  readonly mm2: number;
  readonly pairs: number;
  readonly celsiusLow: number;
  readonly celsiusHigh: number;
}

/** What lies between Trans and Front by the plan: the coil, 1 Ω beside it, 0.3 Ω, nothing. */
export type Intended = 'series' | 'shunt' | 'link' | 'none';

/** What the customer complains of: not on line; on line, its report weak; on line, its button does not ring. */
export const BELL_SYMPTOMS = ['offline', 'weak', 'noChime'] as const;
/** And further: on line by day and not by night; on line, and a phone is told nothing. */
export const DOOR_SYMPTOMS = [...BELL_SYMPTOMS, 'dropsAtNight', 'notTold'] as const;
export type DoorSymptom = (typeof DOOR_SYMPTOMS)[number];

/** A wired doorbell that used to work, or should. */
export interface TroubledBell {
  readonly mains: {
    readonly nominalVolts: number;
    readonly lowPercent: number;
    readonly highPercent: number;
    readonly frequencyHz: number;
  };
  readonly source: { readonly ratedVolts: number; readonly ratedVa: number };
  readonly runs: { readonly toChime: RunKnown; readonly toDoor: RunKnown };
  readonly chime: {
    readonly kind: 'mechanical' | 'electronic' | 'none';
    readonly ratedVolts: number | null;
    readonly intended: Intended;
  };
  /** The device in the state it is in: what it draws, and the volts at the door that it asks for. */
  readonly device: {
    readonly watts: number;
    readonly wattsPercent: number;
    readonly powerFactor: number;
    readonly displacementFactor: number;
    readonly doorMinVolts: number;
    readonly doorFullVolts: number;
    /** What it draws by day, where it is complained of at night only. */
    readonly dayWatts?: number | undefined;
  };
  readonly symptom: DoorSymptom;
  /** Another door’s device hangs on the same transformer. */
  readonly sharesSupply?: boolean | undefined;
  readonly wifi: { readonly dbm: number; readonly dbmPlusMinus: number; readonly needsDbm: number } | null;
  readonly meter: { readonly percent: number; readonly counts: number; readonly resolutionVolts: number };
}

/** Where repairs and tests are done; null: wherever one stands. */
export type FaultPlace = 'board' | 'hall' | 'transformer' | 'chime' | 'door';

/** Faults of a wired doorbell, and where each is repaired. Each changes only what it says. */
export const BELL_FAULTS = {
  feedOff: 'board',
  switchedFeed: 'transformer',
  mainsLow: 'board',
  transformerDead: 'transformer',
  transformerTired: 'transformer',
  lowTap: 'transformer',
  sharedLoad: 'transformer',
  openToChime: 'chime',
  openToDoor: 'door',
  badJointToChime: 'chime',
  badJointToDoor: 'door',
  shortToDoor: 'door',
  noModule: 'chime',
  fuseOpen: 'chime',
  coilOpen: 'chime',
  deviceDead: 'door',
  firstCharge: null,
  wrongChimeKind: null,
  wifiWeak: null,
} as const satisfies Record<string, FaultPlace | null>;
export type BellFaultKind = keyof typeof BELL_FAULTS;
export const BELL_FAULT_KINDS = Object.keys(BELL_FAULTS) as readonly BellFaultKind[];

/** Tests of a wired doorbell: where each is done and what it can show. */
export const BELL_TESTS = {
  mainsVolts: { place: 'hall', figure: 'volts', words: [] },
  lightSwitch: { place: 'hall', figure: null, words: ['on', 'off'] },
  mainsPresent: { place: 'transformer', figure: null, words: ['yes', 'no'] },
  openVolts: { place: 'transformer', figure: 'volts', words: [] },
  loadVolts: { place: 'transformer', figure: 'volts', words: [] },
  runningVolts: { place: 'transformer', figure: 'volts', words: ['dropsOut'] },
  chimeVolts: { place: 'chime', figure: 'volts', words: ['dropsOut'] },
  doorVoltsRunning: { place: 'door', figure: 'volts', words: ['dropsOut'] },
  doorVoltsOpen: { place: 'door', figure: 'volts', words: [] },
  branch: { place: 'transformer', figure: null, words: ['found', 'none'] },
  loopToChime: { place: 'chime', figure: 'ohms', words: ['open'] },
  loopToDoor: { place: 'chime', figure: 'ohms', words: ['open', 'shorted'] },
  link: { place: 'chime', figure: null, words: ['closed', 'open'] },
  coilOhms: { place: 'chime', figure: 'ohms', words: ['open'] },
  bridge: { place: 'chime', figure: null, words: ['on', 'off'] },
  pressLeads: { place: 'door', figure: null, words: ['rings', 'weak', 'silent'] },
  goodDevice: { place: 'door', figure: null, words: ['on', 'off'] },
  dbm: { place: 'door', figure: 'dbm', words: [] },
  report: { place: null, figure: null, words: ['offline', 'weak', 'fair', 'good'] },
  chimeSetting: { place: null, figure: null, words: ['right', 'wrong', 'offline'] },
} as const satisfies Record<string, TestShape>;
export type BellTestKind = keyof typeof BELL_TESTS;
export const BELL_TEST_KINDS = Object.keys(BELL_TESTS) as readonly BellTestKind[];
/** A test of the circuit. */
export interface BellTest extends DoorTest {
  readonly kind: BellTestKind;
}

/** Faults of a doorbell with what it is joined to. */
export const DOOR_FAULTS = {
  ...BELL_FAULTS,
  /** Nothing is out of order: what feeds it never was enough. */
  notEnough: 'transformer',
  ...NETWORK_FAULTS,
} as const satisfies Record<string, FaultPlace | null>;
export type DoorFault = keyof typeof DOOR_FAULTS;
export const DOOR_FAULT_KINDS = Object.keys(DOOR_FAULTS) as readonly DoorFault[];
/** One fault, or two at once. */
export type DoorTrouble = DoorFault | `${DoorFault}+${DoorFault}`;
export const faultsIn = (trouble: DoorTrouble): readonly DoorFault[] => trouble.split('+') as DoorFault[];

/** Tests of a doorbell with what it is joined to, and of another door on its transformer. */
export const DOOR_TESTS = {
  ...BELL_TESTS,
  ...NETWORK_TESTS,
  deviceLight: { ...NETWORK_TESTS.deviceLight, place: 'door' },
  acrossChime: { place: 'chime', figure: 'volts', words: ['dropsOut'] },
  frontVolts: { place: 'chime', figure: 'volts', words: ['dropsOut'] },
  pathOhms: { place: 'chime', figure: 'ohms', words: ['open'] },
  otherDoor: { place: null, figure: null, words: ['works', 'dead'] },
} as const satisfies Record<string, TestShape>;
export type DoorTestKind = keyof typeof DOOR_TESTS;
export const DOOR_TEST_KINDS = Object.keys(DOOR_TESTS) as readonly DoorTestKind[];
export const testShape = (kind: DoorTestKind): TestShape => DOOR_TESTS[kind];
export const isDoorTest = (kind: string): kind is DoorTestKind => Object.hasOwn(DOOR_TESTS, kind);
export const isDoorFault = (kind: string): kind is DoorFault => Object.hasOwn(DOOR_FAULTS, kind);
export const isDoorTrouble = (kind: string): kind is DoorTrouble => kind.split('+').every(isDoorFault);

const OUTCOMES = new Map(DOOR_TEST_KINDS.map((kind) => [kind, outcomesOf(testShape(kind))]));
/** What a test can come to, a figure first where it has one. */
export const doorOutcomes = (kind: DoorTestKind): readonly string[] => OUTCOMES.get(kind) ?? [];
export { FIGURE };

/** A test that can be taken. */
export interface DoorTest extends TestAsked<DoorTestKind> {
  /** Of the known resistor of loadVolts. */
  readonly ohms?: number | undefined;
}

/** Whether the button at the door can make the chime in the loop sound. */
export const isHeard = ({ chime }: Pick<TroubledBell, 'chime'>): boolean =>
  chime.kind === 'mechanical' && (chime.intended === 'shunt' || chime.intended === 'series');

/** Whether a fault can be in such a house at all. */
export function faultFits(kind: DoorFault, bell: Pick<TroubledBell, 'chime' | 'wifi'>): boolean {
  const { kind: chime, intended } = bell.chime;
  const mechanical = chime === 'mechanical';
  switch (kind) {
    case 'noModule':
      return mechanical && (intended === 'shunt' || intended === 'link');
    case 'fuseOpen':
      return intended === 'link';
    case 'coilOpen':
    case 'wrongChimeKind':
      return mechanical && (intended === 'shunt' || intended === 'series');
    case 'wifiWeak':
      return bell.wifi !== null;
    default:
      return true;
  }
}

/** Whether a test can be taken in such a house at all. */
export function testFits(kind: DoorTestKind, bell: Pick<TroubledBell, 'chime' | 'wifi' | 'sharesSupply'>): boolean {
  switch (kind) {
    case 'link':
      return bell.chime.intended === 'link';
    case 'coilOhms':
      return bell.chime.kind === 'mechanical';
    case 'pathOhms':
      return bell.chime.intended === 'shunt';
    case 'bridge':
    case 'acrossChime':
    case 'frontVolts':
      return bell.chime.intended !== 'none';
    case 'pressLeads':
    case 'chimeSetting':
      return isHeard(bell);
    case 'dbm':
      return bell.wifi !== null;
    case 'otherDoor':
      return bell.sharesSupply === true;
    default:
      return true;
  }
}
