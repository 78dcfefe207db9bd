import type { Complex } from '../circuit';
import type { RegionPack } from '../region';

export const CHIME_KINDS = ['mechanical', 'electronic', 'boxedMains', 'wireless', 'none'] as const;
export type ChimeKind = (typeof CHIME_KINDS)[number];

/** Ratio of a coil's reactance to its resistance at 60 Hz: about 4/3, in proportion to frequency. */
export const COIL_REACTANCE_RATIO_60HZ = 4 / 3;

/** An idle electronic chime lets next to nothing through; it matters only beside a module or a link. */
const IDLE_ELECTRONIC_OHMS = 400;

/** Strikes from this share of its rating, hammers and heats above the second, hums in standby above the third. */
export const CHIME_LIMITS = { strikes: 0.65, hammers: 1.25, hums: 0.2 } as const;

/** A coil of known resistance: its reactance in proportion to frequency. */
const coilOf = (ohms: number, region: RegionPack): Complex => ({
  re: ohms,
  im: (ohms * COIL_REACTANCE_RATIO_60HZ * region.mains.frequencyHz) / 60,
});

/**
 * Likely impedance between Trans and Front with nothing else fitted.
 * @param coilOhms of a chime of its kind in the catalogue; null where none was named
 * @param rating printed volts and VA, where both were read: |Z| = V²/S, split 0.6 : 0.8 at 60 Hz
 */
export function likelyCoil(
  kind: ChimeKind,
  rating: { readonly volts: number; readonly va: number } | null,
  region: RegionPack,
  coilOhms: number | null = null,
): Complex {
  if (kind === 'electronic') return { re: IDLE_ELECTRONIC_OHMS, im: 0 };
  if (coilOhms !== null) return coilOf(coilOhms, region);
  if (!rating) return { re: region.coilGuess.ohms, im: region.coilGuess.reactanceOhms };
  const size = rating.volts ** 2 / rating.va;
  const ratio = (COIL_REACTANCE_RATIO_60HZ * region.mains.frequencyHz) / 60;
  const re = size / Math.hypot(1, ratio);
  return { re, im: re * ratio };
}
