import { sourceFromNameplate } from '../../bell';
import { runOhms } from '../../circuit';
import { Z95, between, clip, drawFrom, normalAt, triangular, widths, type Random } from '../../random';
import type { RunKnown, TroubledBell } from './troubledBell';

/** Splices of a run in order, Ω. */
const GOOD_SPLICE_OHMS = 0.03;
/** Resistance of a loaded winding over that of a cold one, at most. */
export const WARM_WINDING = 1.25;
/** Coil of an ordinary chime, Ω by the mains; its spreads (domain/power). */
const COIL = { ohms60: 6, ohms50: 4, ohmsFactor: 1.436, reactancePerOhm: 4 / 3, reactanceFactor: 1.28 } as const;

/** One house as it may be without its fault, on the day of the visit. */
export interface DrawnHouse {
  /** Mains of the visit over nominal. */
  readonly mains: number;
  /** Open volts at nominal mains, and Ω of the cold winding. */
  readonly openVolts: number;
  readonly sourceOhms: number;
  /** Of the winding while a device runs. */
  readonly warm: number;
  readonly toChime: number;
  readonly toDoor: number;
  readonly coilOhms: number;
  readonly coilReactance: number;
  readonly watts: number;
  /** Of another device of the kind. */
  readonly otherWatts: number;
  readonly dbm: number;
  /** Of the one meter: what it shows over what there is. */
  readonly gain: number;
}

/** A factor with an ordinary spread on either side. */
const around = (factor: number) => widths([1 / factor, 1, factor]);

/** So many numbers make a house. */
export const HOUSE_NUMBERS = 15;

/** @returns a source of houses, each as likely as the next */
export function houseDraws(bell: TroubledBell, random: Random): () => DrawnHouse {
  const { mains, source, runs, device, wifi, meter } = bell;
  const z = (): number => normalAt(Math.min(1 - 1e-12, Math.max(1e-12, random())));
  const coil = mains.frequencyHz >= 55 ? COIL.ohms60 : COIL.ohms50;
  const coilFactor = around(COIL.ohmsFactor);
  const reactanceFactor = around(COIL.reactanceFactor);
  const watts = (): number => device.watts * (1 + (clip(z()) * device.wattsPercent) / 100 / Z95);
  const run = ({ lengthM, lengthPercent, mm2, pairs, celsiusLow, celsiusHigh }: RunKnown): number =>
    runOhms({
      lengthM: Math.max(0, lengthM * (1 + (clip(z()) * lengthPercent) / 100 / Z95)),
      mm2,
      pairs,
      celsius: between(celsiusLow, celsiusHigh, random()),
    }) + between(0, GOOD_SPLICE_OHMS, random());
  return () => {
    const { openVolts, ohms } = sourceFromNameplate(source.ratedVolts, source.ratedVa, z());
    const coilOhms = coil * drawFrom(coilFactor, z());
    return {
      mains: 1 + triangular(mains.lowPercent, mains.highPercent, random()) / 100,
      openVolts,
      sourceOhms: ohms,
      warm: between(1, WARM_WINDING, random()),
      toChime: run(runs.toChime),
      toDoor: run(runs.toDoor),
      coilOhms,
      coilReactance: COIL.reactancePerOhm * coilOhms * (mains.frequencyHz / 60) * drawFrom(reactanceFactor, z()),
      watts: Math.max(0, watts()),
      otherWatts: Math.max(0, watts()),
      dbm: (wifi?.dbm ?? 0) + (clip(z()) * (wifi?.dbmPlusMinus ?? 0)) / Z95,
      gain: 1 + between(-meter.percent, meter.percent, random()) / 100,
    };
  };
}
