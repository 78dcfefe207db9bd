import { add, complex, magnitude, parallel, type Complex } from './complex';
import { fundamentalVars, upperRootVolts } from './upperRoot';

/** A transformer's secondary as seen from its screws: volts with nothing connected, behind an impedance. */
export interface Source {
  /** At the mains of the moment, V rms. */
  readonly openCircuitVolts: number;
  readonly seriesOhms: number;
  readonly seriesReactanceOhms?: number;
  /** Nameplate, for the utilisation only. */
  readonly ratedVolts?: number | null;
  readonly ratedVa?: number | null;
}

/** What lies between the chime's terminals Trans and Front. */
export type ChimePath =
  | { readonly treatment: 'series'; readonly ohms: number; readonly reactanceOhms?: number }
  | { readonly treatment: 'shunt'; readonly ohms: number; readonly reactanceOhms?: number; readonly shuntOhms: number }
  | { readonly treatment: 'link'; readonly linkOhms: number }
  | { readonly treatment: 'none' };

/** What hangs at the door's two leads. */
export type Load =
  | {
      readonly kind: 'power';
      readonly watts: number;
      /** P/S, true power factor, 0 < pf ≤ 1. */
      readonly powerFactor: number;
      /** cos φ₁ of the fundamental, from powerFactor to 1. */
      readonly displacementFactor?: number;
    }
  | { readonly kind: 'resistor'; readonly ohms: number }
  | { readonly kind: 'open' };

/** The loop: source, wire to the chime, chime, wire to the door, load. */
export interface Loop {
  readonly source: Source;
  readonly toChimeOhms: number;
  readonly toDoorOhms: number;
  readonly chime: ChimePath;
  readonly load: Load;
}

/** What a loop does at its operating point: rms volts and amps, watts. */
export interface Figures {
  readonly doorVolts: number;
  readonly amps: number;
  /** |I| · |Z| between Trans and Front. */
  readonly chimeVolts: number;
  /** At the secondary's screws. */
  readonly sourceVolts: number;
  readonly sourceVa: number;
  readonly sourceWatts: number;
  /** Current over rated current; null without a rating. */
  readonly utilisation: number | null;
  /** Burnt in the two runs. */
  readonly wireWatts: number;
}

/** Where a loop settles. Magnitudes rms, volts, amps, watts. On collapse nothing but the limit is known. */
export type OperatingPoint =
  | ({ readonly status: 'ok'; readonly maxWatts: number | null } & Figures)
  | ({ readonly status: 'collapse'; readonly maxWatts: number | null } & { readonly [K in keyof Figures]: null });

/** Impedance between Trans and Front, Ω. */
export function chimeImpedance(chime: ChimePath): Complex {
  switch (chime.treatment) {
    case 'series':
      return complex(chime.ohms, chime.reactanceOhms ?? 0);
    case 'shunt':
      return parallel(complex(chime.ohms, chime.reactanceOhms ?? 0), complex(chime.shuntOhms));
    case 'link':
      return complex(chime.linkOhms);
    case 'none':
      return complex(0);
  }
}

/**
 * The watts beyond which a loop collapses at the given factors: `E² / (2 (R + X tan φ₁ + |Z| / pf))`.
 * @returns null where Z is 0 and nothing limits
 */
export function collapseWatts(
  emf: number,
  impedance: Complex,
  powerFactor: number,
  displacementFactor: number,
): number | null {
  const size = magnitude(impedance);
  if (size === 0) return null;
  const slope = fundamentalVars(1, displacementFactor);
  return (emf * emf) / (2 * (impedance.re + impedance.im * slope + size / powerFactor));
}

/** What is left of a point whose loads can’t be fed. */
export const COLLAPSED = {
  status: 'collapse',
  doorVolts: null,
  amps: null,
  chimeVolts: null,
  sourceVolts: null,
  sourceVa: null,
  sourceWatts: null,
  utilisation: null,
  wireWatts: null,
} as const;

/**
 * Solves one operating point of the loop in closed form (domain equation in {@link upperRootVolts}).
 * @returns the point, or a collapse with the limit that was passed
 */
export function operatingPoint(loop: Loop): OperatingPoint {
  const { source, load } = loop;
  const emf = source.openCircuitVolts;
  const chime = chimeImpedance(loop.chime);
  const inside = complex(source.seriesOhms, source.seriesReactanceOhms ?? 0);
  const outside = add(chime, complex(loop.toChimeOhms + loop.toDoorOhms));
  const whole = add(inside, outside);

  const settled = (doorVolts: number, amps: number, watts: number, vars: number, maxWatts: number | null) => {
    const screwsSquared =
      doorVolts * doorVolts +
      2 * (outside.re * watts + outside.im * vars) +
      (outside.re * outside.re + outside.im * outside.im) * amps * amps;
    const sourceVolts = Math.sqrt(screwsSquared);
    const rated = source.ratedVolts && source.ratedVa ? source.ratedVa / source.ratedVolts : null;
    return {
      status: 'ok',
      doorVolts,
      amps,
      chimeVolts: amps * magnitude(chime),
      sourceVolts,
      sourceVa: sourceVolts * amps,
      sourceWatts: watts + amps * amps * outside.re,
      utilisation: rated === null ? null : amps / rated,
      wireWatts: amps * amps * (loop.toChimeOhms + loop.toDoorOhms),
      maxWatts,
    } as const;
  };

  switch (load.kind) {
    case 'open':
      return settled(emf, 0, 0, 0, null);
    case 'resistor': {
      const amps = emf / magnitude(add(whole, complex(load.ohms)));
      return settled(amps * load.ohms, amps, amps * amps * load.ohms, 0, null);
    }
    case 'power': {
      const displacement = load.displacementFactor ?? 1;
      const maxWatts = collapseWatts(emf, whole, load.powerFactor, displacement);
      const vars = fundamentalVars(load.watts, displacement);
      const voltAmps = load.watts / load.powerFactor;
      const doorVolts = upperRootVolts(emf, whole.re, whole.im, load.watts, vars, voltAmps);
      if (Number.isNaN(doorVolts)) return { maxWatts, ...COLLAPSED };
      return settled(doorVolts, voltAmps / doorVolts, load.watts, vars, maxWatts);
    }
  }
}
