/** Resistivity of copper at 20 °C in Ω·mm²/m (annealed copper, IEC 60028). */
export const COPPER_OHM_MM2_PER_M = 0.017241;
/** Change of copper's resistance per kelvin, related to 20 °C (IEC 60028, rounded). */
export const COPPER_PER_KELVIN = 0.00393;
/** At and below this many °C the linear law for copper gives no resistance at all: outside its use. */
export const COPPER_LAW_ENDS_CELSIUS = 20 - 1 / COPPER_PER_KELVIN;

/** Resistance relative to solid copper of the same size. Engineering defaults. */
export const MATERIAL_FACTOR = { copper: 1, copperClad: 1.55, fineFlex: 1.13 } as const;
export type ConductorMaterial = keyof typeof MATERIAL_FACTOR;

/** American wire gauge sizes this program knows. 0 is 1/0. */
export const AWG_SIZES = { smallest: 0, largest: 40 } as const;

/**
 * Cross-section of a round wire by American wire gauge (ASTM B258).
 * @returns mm², e.g. `awgToMm2(20)` is 0.518
 */
export const awgToMm2 = (awg: number): number => 0.012668 * 92 ** ((36 - awg) / 19.5);

/** The gauge whose wire is nearest to a cross-section in mm²: the law of {@link awgToMm2}, turned. */
export const nearestAwg = (mm2: number): number => Math.round(36 - (19.5 * Math.log(mm2 / 0.012668)) / Math.log(92));

/** Whether a whole gauge number exists in the range the program knows. */
export const isAwg = (awg: number): boolean =>
  Number.isInteger(awg) && awg >= AWG_SIZES.smallest && awg <= AWG_SIZES.largest;

/** One stretch of cable, seen by the loop's current. */
export interface Run {
  readonly lengthM: number;
  /** Cross-section of one conductor. */
  readonly mm2: number;
  /** Pairs joined in parallel, 1 where nothing is joined. */
  readonly pairs: number;
  readonly celsius: number;
  readonly material?: ConductorMaterial;
  /** 2: there and back in one cable. 1: only one of the loop's two ways runs here. */
  readonly conductors?: 1 | 2;
}

/** Ratio of copper's resistance at a temperature to that at 20 °C. */
export const copperWarmth = (celsius: number): number => 1 + COPPER_PER_KELVIN * (celsius - 20);

/**
 * Resistance that a run puts into the loop.
 * @returns Ω: `conductors · length · resistivity · warmth · material / (mm² · pairs)`
 */
export function runOhms(run: Run): number {
  const ways = run.conductors ?? 2;
  const material = MATERIAL_FACTOR[run.material ?? 'copper'];
  return (ways * run.lengthM * COPPER_OHM_MM2_PER_M * copperWarmth(run.celsius) * material) / (run.mm2 * run.pairs);
}
