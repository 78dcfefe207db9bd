import type { TreatmentPath } from '../chime';
import type { Spread } from '../circuit';
import type { Span } from '../units';

/** Where volts are read. At the chime: across Trans and Front. */
export type Place = 'transformer' | 'chime' | 'door';
export type RunName = 'toChime' | 'toDoor';
/** What a device says of its own supply: under `doorFullVolts`, up to 1.1 times it, above. */
export const DEVICE_REPORTS = ['weak', 'fair', 'good'] as const;
export type DeviceReport = (typeof DEVICE_REPORTS)[number];

/** What read a figure: ± percent of it, a gain common to all it reads, and counts of its last digit. */
export interface Instrument {
  readonly percent: number;
  readonly counts: number;
  readonly resolutionVolts: number;
  /** On mains the meter may stand a range higher. */
  readonly mainsResolutionVolts: number;
  /** Reads the rms of any wave; one that does not reads up to 0.7 V high on a wave that a device has flattened. */
  readonly trueRms: boolean;
}

/** What hangs on the loop while it is read. A resistor lies across the place itself. */
export type Under =
  | { readonly kind: 'open' }
  | { readonly kind: 'resistor'; readonly ohms: number }
  | { readonly kind: 'running'; readonly state: number };

/** Something that can be read, without its figure. `running` names a state by its place in the device’s list. */
export type Readable =
  | { readonly what: 'volts'; readonly at: Place; readonly under: Under; readonly instrument: Instrument }
  | { readonly what: 'mainsVolts'; readonly instrument: Instrument }
  | { readonly what: 'loopOhms'; readonly run: RunName }
  | { readonly what: 'coilOhms' }
  | { readonly what: 'report'; readonly state: number };

/** A reading that was taken: a figure that may have wandered between two, or what a device said. */
export type Evidence = { readonly id: string } & (
  | (Exclude<Readable, { what: 'report' }> & { readonly value: Span })
  | (Extract<Readable, { what: 'report' }> & { readonly report: DeviceReport })
);

/** A device in one of its lasting states. */
export interface CaseState {
  readonly name: string;
  readonly watts: number;
  readonly powerFactor: number;
  readonly displacementFactor: number;
}

/** A run of wire: its length as believed, and what it does over the year and on the day of the readings. */
export interface RunCase {
  readonly lengthM: number;
  /** From the middle to the 5 and 95 % points. */
  readonly halfM: number;
  /** At 20 °C, pairs joined as found; of 1 mm² where the gauge is not known. */
  readonly ohmsPerMetre: number;
  readonly gaugeMm2: Spread | null;
  readonly yearCelsius: Span;
  readonly dayCelsius: Span;
}

/**
 * Another door on the same supply. `joins`: where its wire leaves what it shares with this one, from the least to the
 * most: at the supply (by a chime of its own, or none), at the chime, or at the same screw. `path`: what stands in its own
 * way; as this door’s, its own coil (past it where the chime is out of the loop), or a path of its own.
 */
export interface OtherCase {
  readonly joins: 'supply' | 'chime' | 'terminal';
  readonly chimeId: string;
  readonly path: TreatmentPath | 'asHere' | 'coil';
  readonly states: readonly CaseState[];
  readonly doorMinVolts: number;
  readonly doorMaxVolts: number;
  /** Its run over this door’s, and its chime’s run over this chime’s. */
  readonly runShare: number;
  readonly chimeRunShare: number;
}

/** One doorbell’s circuit as the solver takes it: everything said, and for all else what is believed. */
export interface BellCase {
  readonly mains: {
    readonly nominalVolts: number;
    readonly lowPercent: number;
    readonly highPercent: number;
  };
  readonly source: {
    readonly ratedVolts: number | null;
    readonly ratedVa: number | null;
    /** Where the plate was not read. */
    readonly guess: { readonly volts: number; readonly otherVolts: readonly number[]; readonly va: Spread };
  };
  readonly runs: Readonly<Record<RunName, RunCase>>;
  readonly chime: {
    /** No coil at all, a coil, or an electronic chime, which is non-linear while it idles. */
    readonly kind: 'none' | 'coil' | 'electronic';
    readonly likelyOhms: number;
    readonly likelyRatio: number;
  };
  readonly present: TreatmentPath;
  /** What else hangs on the supply; null at an ordinary point. */
  readonly shared: {
    /** Another chime between the first one’s Trans and Front. */
    readonly secondChime: boolean;
    readonly others: readonly OtherCase[];
  } | null;
  readonly device: {
    readonly states: readonly CaseState[];
    readonly wattsPercent: number;
    readonly doorMinVolts: number;
    readonly doorFullVolts: number;
    readonly doorMaxVolts: number;
  };
  readonly evidence: readonly Evidence[];
}

/** Instruments of a case, each once: equal ones are one meter with one gain. */
export function instrumentsOf(readables: readonly Readable[]): readonly Instrument[] {
  const all = new Map<string, Instrument>();
  for (const readable of readables)
    if ('instrument' in readable) all.set(JSON.stringify(readable.instrument), readable.instrument);
  return [...all.values()];
}
