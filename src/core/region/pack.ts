import type { LengthSystem } from '../units';

/** What differs from place to place, as data. Another region is another file with one line in `packs.ts`. */
export interface RegionPack {
  readonly id: string;
  readonly name: string;
  readonly mains: {
    readonly nominalVolts: number;
    /** Swing at the outlet, per cent of nominal. */
    readonly lowPercent: number;
    readonly highPercent: number;
    readonly frequencyHz: 50 | 60;
  };
  readonly lengths: LengthSystem;
  readonly gauge: 'awg' | 'mm2';
  /** Guess where nothing at all was read of the transformer: volts, and VA low / likely / high (5, 50, 95 %). */
  readonly bellGuess: {
    readonly volts: number;
    readonly va: readonly [number, number, number];
    /** Other secondaries met here, each as likely as the next, where the volts were not read. */
    readonly otherVolts: readonly number[];
  };
  /** Guess for a gauge that was not read, mm² low / likely / high. */
  readonly gaugeGuessMm2: readonly [number, number, number];
  /** Guess for a mechanical chime's coil at this mains frequency, Ω. */
  readonly coilGuess: { readonly ohms: number; readonly reactanceOhms: number; readonly volts: number };
  readonly words: {
    readonly board: string;
    readonly way: string;
    readonly ground: string;
    readonly connector: string;
  };
  readonly mainsWork: string;
}
