/**
 * What is believed before anything is read. Engineering defaults of domain/power; “low, likely, high” are the
 * 5, 50 and 95 % points throughout.
 */
import type { Spread } from '../circuit';

/** Share of transformers that are not as their nameplate says, and how they differ. */
export const NOT_AS_NAMEPLATE = {
  tired: { share: 0.08, ohmsUpTo: 2.2, openVoltsDownTo: 0.93 },
  otherVa: { share: 0.05, va: [5, 8, 10, 15, 20, 30, 40] },
  otherVolts: { share: 0.04, volts: [8, 10, 12, 16, 18, 24] },
  higherRegulation: { share: 0.03, factor: [1.3, 2] },
} as const;

/** Share of each other secondary of a region where the volts were not read. */
export const OTHER_SECONDARY_SHARE = 0.12;

/** Lengths: ± of an estimate without a range; the whole run where none is known, split 2 : 1. */
export const LENGTH = {
  percent: 20,
  guessM: { toChime: 8, toDoor: 4 },
  guessPercent: 50,
  farOffShare: 0.06,
  farOffFactor: [0.5, 2],
} as const;

/** Splices of a run: good ones, and the share of runs that hide a corroded one. */
export const SPLICE = { goodUpToOhms: 0.03, badShare: 0.03, badOhms: [0.5, 5] } as const;

/** A coil whose resistance was not read: factor on its ohms, and on the ratio of reactance to resistance. */
export const COIL_FACTOR: Spread = [0.65, 1, 1.5];
export const COIL_RATIO_FACTOR: Spread = [0.7, 1, 1.4];

/** Resistance of a lastingly loaded winding over that of a cold one, at most. */
export const WARM_WINDING = 1.25;

/** Temperatures of a run over the year, °C: the chime's is indoors, the door's partly outside. */
export const RUN_CELSIUS = { toChime: { low: 15, high: 30 }, toDoor: { low: -20, high: 50 } } as const;
/** Temperatures met on the day of a visit, °C. */
export const VISIT_CELSIUS = { toChime: { low: 15, high: 28 }, toDoor: { low: 0, high: 30 } } as const;

/** Readings wander by this share of themselves while somebody reads. */
export const WANDER = 0.003;
/** An ordinary meter: gain common to its readings ± %, counts of its last digit, the digit. */
export const METER = { percent: 1, counts: 3, resolutionVolts: 0.1, mainsResolutionVolts: 1, trueRms: true } as const;
/** A meter that is not true-rms reads at most this much high on a wave that a device has flattened. */
export const NOT_TRUE_RMS = { highVolts: 0.7 } as const;
/** A single ohms reading with ordinary leads: ± % and ± Ω; and the least spread of one that comes as low and high. */
export const OHMS_READING = { percent: 2, ohms: 0.2, least: 0.01 } as const;
/** How sharp the bands of a device report are, V, and the chance that it says something odd. */
export const REPORT = { edgeVolts: 0.4, fairUpTo: 1.1, oddShare: 0.03 } as const;
/** A reading farther from what a house gives than this, in σ, is more likely a slip than chance. */
export const PLAUSIBLE_SIGMAS = 3.5;
