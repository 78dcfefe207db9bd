/** What a doorbell may be doing for minutes and more; “pressed” is momentary and judged by the chime's volts alone. */
export const LASTING_STATES = ['standby', 'liveDay', 'liveNight', 'boot'] as const;
export type LastingState = (typeof LASTING_STATES)[number];

export const STATE_WORDS: Readonly<Record<LastingState, string>> = {
  standby: 'standby',
  liveDay: 'live by day',
  liveNight: 'live at night',
  boot: 'boot and charge',
};

/**
 * A class of video doorbell. The supply window is the *nominal* voltage of a transformer (compare with a nameplate);
 * the door limits are volts at the device's own terminals. They are different things and are never mixed.
 */
export interface DeviceProfile {
  readonly id: string;
  readonly name: string;
  readonly supplyNominalMin: number;
  readonly supplyNominalMax: number;
  readonly vaAsked: number;
  /** Below it the device calls its supply weak or drops features. */
  readonly doorFullVolts: number;
  /** Below it the device drops out. */
  readonly doorMinVolts: number;
  /** Never exceeded, lightest state, high mains. */
  readonly doorMaxVolts: number;
  readonly watts: Readonly<Record<LastingState, number>>;
  /** Spread of the watts from one specimen to the next, ± % (5 and 95 % points), one factor for all states. */
  readonly wattsPercent: number;
  readonly powerFactor: number;
  readonly displacementFactor: number;
  /** Behind its bridge: capacitor, drop of two diodes, and the volts under which the converter gives up. */
  readonly capacitanceF: number;
  readonly dropVolts: number;
  readonly lockOutVolts: number;
  /** It closes the loop through this when the button is pressed. */
  readonly pressOhms: number;
  /** Field of view of the camera. */
  readonly viewDeg: { readonly horizontal: number; readonly vertical: number };
  /** Size of the plate that is screwed to the wall. */
  readonly plateM: { readonly height: number; readonly width: number };
  /** Ids of chime treatments that the device does not allow, with why. */
  readonly forbids: Readonly<Record<string, string>>;
  /** With a battery of its own: judged by its budget, what it uses a day against what a trickle charges. */
  readonly battery: { readonly dailyWh: number; readonly trickleWatts: number } | null;
  /** What its maker asks for keeping clips; null where it is not known. */
  readonly recordingPerMonth: number | null;
  /** What comes in its bag. */
  readonly inBag: readonly string[];
  readonly remark: string;
}

/** Fields of view by class (domain/mount). */
const WIDE = { horizontal: 155, vertical: 88 } as const;
const TALL = { horizontal: 142, vertical: 152 } as const;

/** Power factor pair that serves best as default for a rectifier with a capacitor (domain/power, against time domain). */
const RECTIFIER = {
  powerFactor: 0.75,
  displacementFactor: 1,
  capacitanceF: 0.00022,
  dropVolts: 1.4,
  lockOutVolts: 8,
  wattsPercent: 15,
  pressOhms: 1,
  doorMaxVolts: 36,
  battery: null,
  recordingPerMonth: 4,
  inBag: ['power module', 'anchors and screws', 'connectors', 'extension leads', 'wedge', 'security driver'],
} as const;

/** A class that runs from 8 or 9 V at the door must have a converter that goes lower than the usual 8 V. */
const LOW_LOCK_OUT = { lockOutVolts: 5 } as const;

const CHIME_MUST_BE_OUT = 'the chime must be out of the loop with this device';

/** Engineering defaults by class; in the made-up catalogue of the demo firm. */
export const DEVICES: readonly DeviceProfile[] = [
  {
    ...RECTIFIER,
    id: 'constant-power',
    name: 'Constant-power wired',
    supplyNominalMin: 16,
    supplyNominalMax: 24,
    vaAsked: 30,
    doorFullVolts: 14.5,
    doorMinVolts: 13,
    watts: { standby: 2.2, liveDay: 3.8, liveNight: 5.2, boot: 4.5 },
    viewDeg: WIDE,
    plateM: { height: 0.13, width: 0.05 },
    forbids: {},
    remark: 'Lives from the bell wires alone.',
  },
  {
    ...RECTIFIER,
    id: 'tall-view',
    name: 'Tall-view wired',
    supplyNominalMin: 16,
    supplyNominalMax: 24,
    vaAsked: 30,
    doorFullVolts: 14.5,
    doorMinVolts: 13,
    watts: { standby: 2.8, liveDay: 4.6, liveNight: 6.4, boot: 5.2 },
    viewDeg: TALL,
    plateM: { height: 0.16, width: 0.06 },
    forbids: { leaveAsIs: 'this device demands that the coil is treated' },
    recordingPerMonth: 5,
    remark: 'Sees the parcel on the mat; asks more of the supply.',
  },
  {
    ...RECTIFIER,
    ...LOW_LOCK_OUT,
    id: 'hybrid',
    name: 'Hybrid, own battery',
    supplyNominalMin: 9,
    supplyNominalMax: 24,
    vaAsked: 8,
    doorFullVolts: 9,
    doorMinVolts: 8,
    watts: { standby: 1.5, liveDay: 1.5, liveNight: 1.5, boot: 1.5 },
    viewDeg: WIDE,
    plateM: { height: 0.14, width: 0.062 },
    forbids: {},
    battery: { dailyWh: 3.5, trickleWatts: 1.5 },
    remark: 'A trickle charges its battery; nothing is charged below 0 °C.',
  },
  {
    ...RECTIFIER,
    ...LOW_LOCK_OUT,
    id: 'compact-silent',
    name: 'Compact, chime silent',
    supplyNominalMin: 10,
    supplyNominalMax: 24,
    vaAsked: 8,
    doorFullVolts: 10,
    doorMinVolts: 9,
    watts: { standby: 1.4, liveDay: 2.6, liveNight: 3.4, boot: 2.8 },
    viewDeg: WIDE,
    plateM: { height: 0.12, width: 0.046 },
    forbids: { leaveAsIs: CHIME_MUST_BE_OUT, powerModule: CHIME_MUST_BE_OUT, inlineModule: CHIME_MUST_BE_OUT },
    recordingPerMonth: 3,
    remark: 'Rings by a plug-in sounder.',
  },
];

export const DEFAULT_DEVICE_ID = 'constant-power';

/** A device class by id, or undefined where the catalogue does not hold it. */
export const deviceById = (id: string): DeviceProfile | undefined => DEVICES.find((device) => device.id === id);
