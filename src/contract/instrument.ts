import type { DeviceReport } from '@/core/bell';
import type { ConductorTestId, SwitchPosition } from '@/core/junction';
import { LASTING_STATES, type LastingState } from '@/core/catalogue';

/** What a meter can be set to. */
export const METER_FUNCTIONS = ['voltsAc', 'ohms', 'continuity', 'ampsAc'] as const;
export type MeterFunction = (typeof METER_FUNCTIONS)[number];

/** Where its probes can stand: screws, the near ends of a run whose far end is twisted together, and the mains side. */
export const PROBES = [
  'S1',
  'S2',
  'Trans',
  'Front',
  'D1',
  'D2',
  'earth',
  'hot',
  'neutral',
  'toChimeA',
  'toChimeB',
  'toDoorA',
  'toDoorB',
  'conductor',
] as const;
export type Probe = (typeof PROBES)[number];

/** What the device is doing meanwhile: nothing connected, or one of its states. */
export const METER_STATES = ['open', ...LASTING_STATES] as const;

/** A conductor of a box that is tested, and how every switch stands meanwhile. */
export interface ProbedConductor {
  readonly key: string;
  readonly test: ConductorTestId;
  readonly switches: SwitchPosition | null;
}

/** One measurement that is asked for. */
export interface MeterTask {
  readonly function: MeterFunction;
  readonly from: Probe;
  readonly to: Probe;
  readonly state: 'open' | LastingState;
  /** Which conductor of a box the second probe, or the clamp, is on. */
  readonly conductor?: ProbedConductor;
}

/** What stands on the display at one moment. */
export interface MeterReading {
  /** In the function's unit; null where nothing can be shown. */
  readonly value: number | null;
  readonly unit: 'V' | 'Ω' | 'A';
  /** As the display shows it, with its counts: “18.4”, “OL”. */
  readonly text: string;
  /** It no longer runs up. */
  readonly settled: boolean;
  /** Below the continuity limit: the meter beeps. */
  readonly beeps: boolean;
  /** Why it shows nothing. */
  readonly problem: string | null;
  readonly simulated: boolean;
}

/** Its display is shown anew so often, and so many times: long enough to settle and to be watched for a moment. */
export const METER_FRAME_MS = 150;
export const METER_FRAMES = 24;

/** A meter: the simulated one is one, a real one with a wire or by radio would be another. */
export interface Meter {
  readonly functions: readonly MeterFunction[];
  /** @param seconds since the probes were put on */
  readonly read: (task: MeterTask, seconds: number) => MeterReading;
}

/** What a phone is held against. */
export const HELD = ['head', 'wall'] as const;
export type Held = (typeof HELD)[number];

/** What a scanner read from a device’s code. */
export interface CodeReading {
  readonly code: string;
  readonly simulated: boolean;
}

/** How a phone lies that is held along the head of a camera, or flat against its wall. */
export interface LeanReading {
  /** Where it points, clockwise from north by its compass. */
  readonly bearingDeg: number;
  readonly downDeg: number;
  readonly rollDeg: number;
  readonly simulated: boolean;
}

/** What a phone at the spot says of the Wi-Fi. */
export interface PhoneReading {
  readonly dbm: number;
  readonly upMbit: number;
  readonly downMbit: number;
  readonly simulated: boolean;
}

/** What the simulated device is told to do. */
export const DEVICE_TOLDS = ['works', 'dark', 'drops', 'updateHangs', 'wontJoin'] as const;
export type DeviceTold = (typeof DEVICE_TOLDS)[number];

/** What can be seen of a device while it comes up. */
export const DEVICE_PHASES = ['dark', 'starting', 'updating', 'ready', 'joining', 'joined'] as const;
export type DevicePhase = (typeof DEVICE_PHASES)[number];

/** How a device comes up once it is switched on, and what it says of itself once it joined. */
export interface DeviceScript {
  /** What it shows from so many seconds after switching on. */
  readonly phases: readonly { readonly phase: DevicePhase; readonly fromSeconds: number }[];
  /** So long after its code was scanned it has joined; null: it won’t. */
  readonly joinsAfterSeconds: number | null;
  readonly dbm: number;
  readonly upMbit: number;
  /** Of its supply; null where it says nothing of it. */
  readonly supply: { readonly volts: number; readonly report: DeviceReport } | null;
  readonly simulated: boolean;
}
