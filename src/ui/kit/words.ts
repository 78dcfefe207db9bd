/** Volts with one decimal. */
export const volts = (value: number): string => `${value.toFixed(1)} V`;

/** A margin with its sign. */
export const margin = (value: number): string => `${value >= 0 ? '+' : '−'}${Math.abs(value).toFixed(1)} V`;

/** A chance in per cent, never rounded to a certainty. */
export function percent(share: number): string {
  if (share > 0.99 && share < 1) return 'over 99 %';
  if (share >= 1) return '100 %';
  if (share < 0.01) return 'under 1 %';
  return `${Math.round(share * 100)} %`;
}
