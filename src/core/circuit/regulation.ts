/** The 5, 50 and 95 % points of something not exactly known. */
export type Spread = readonly [low: number, likely: number, high: number];

/**
 * Regulation `(Voc − Vr)/Vr` of bell transformers by size: up to so many VA. Engineering defaults of domain/power, wide on
 * purpose: for what hangs there already, whoever made it.
 */
export const REGULATION_BY_VA: readonly { readonly upToVa: number; readonly spread: Spread }[] = [
  { upToVa: 8, spread: [0.3, 0.45, 0.8] },
  { upToVa: 12, spread: [0.2, 0.33, 0.6] },
  { upToVa: 24, spread: [0.14, 0.24, 0.45] },
  { upToVa: 35, spread: [0.1, 0.2, 0.36] },
  { upToVa: 50, spread: [0.08, 0.16, 0.3] },
  { upToVa: Infinity, spread: [0.05, 0.1, 0.18] },
];

export const regulationSpread = (va: number): Spread =>
  (REGULATION_BY_VA.find((row) => va <= row.upToVa) ?? { spread: [0.05, 0.1, 0.18] as const }).spread;

/** Open volts of a transformer by its sheet: 5, 50 and 95 % points, at nominal mains. */
export interface SheetVolts {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/** How far the open volts of a stocked part lie about what is likely, ± % (domain/power). */
export const SHEET_OPEN_PERCENT = 4;

/**
 * Open volts of a new transformer at nominal mains, by its sheet.
 * @param likelyVolts what its sheet says; where it says nothing, what its size makes likely
 */
export function sheetOpenVolts(
  { ratedVolts, ratedVa }: { readonly ratedVolts: number; readonly ratedVa: number },
  likelyVolts = ratedVolts * (1 + regulationSpread(ratedVa)[1]),
  percent = SHEET_OPEN_PERCENT,
): SheetVolts {
  const half = (likelyVolts * percent) / 100;
  return { low: likelyVolts - half, likely: likelyVolts, high: likelyVolts + half };
}
