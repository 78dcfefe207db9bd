/** Surroundings by how dark their nights are. */
export const LIGHT_ZONES = ['dark', 'rural', 'suburban', 'town'] as const;
export type LightZone = (typeof LIGHT_ZONES)[number];

/**
 * Lux on a neighbour’s window that should not be passed, before curfew and after it (ILP GN01; editions differ). Guidance, no
 * rule.
 */
export const WINDOW_LUX: Readonly<Record<LightZone, { readonly before: number; readonly after: number }>> = {
  dark: { before: 2, after: 0.1 },
  rural: { before: 5, after: 1 },
  suburban: { before: 10, after: 2 },
  town: { before: 25, after: 5 },
};

/** At night colours are seen from here on, and steps are safe (domain/mount). */
export const NIGHT_LUX = { colour: 1, steps: 10 } as const;
