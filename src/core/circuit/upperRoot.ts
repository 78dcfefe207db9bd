/** How near to a tangent, relative to E⁴, still counts as an operating point. */
const TANGENT_TOLERANCE = 1e-9;

/**
 * Volts over a constant-power load behind E and Z = R + jX: the upper (stable) root of
 * `V⁴ + V²·(2(R·P + X·Q₁) − E²) + |Z|²·S² = 0`. In a resistive loop it is exact for rms values whatever the waveform;
 * with reactance and distorted current it is an approximation.
 * @param emf E, volts  @param ohms R  @param reactanceOhms X
 * @param watts P  @param vars Q₁ of the fundamental  @param voltAmps S
 * @returns volts rms, or NaN where the supply cannot feed the load at any voltage (collapse)
 */
export function upperRootVolts(
  emf: number,
  ohms: number,
  reactanceOhms: number,
  watts: number,
  vars: number,
  voltAmps: number,
): number {
  return Math.sqrt(upperRootSquare(emf * emf, ohms, reactanceOhms, watts, vars, voltAmps));
}

/** The square of {@link upperRootVolts}, from the square of E: for those who go on with squares. */
export function upperRootSquare(
  emf2: number,
  ohms: number,
  reactanceOhms: number,
  watts: number,
  vars: number,
  voltAmps: number,
): number {
  const half = (emf2 - 2 * (ohms * watts + reactanceOhms * vars)) / 2;
  const square = half * half - (ohms * ohms + reactanceOhms * reactanceOhms) * voltAmps * voltAmps;
  if (half <= 0 || square < (-TANGENT_TOLERANCE * emf2 * emf2) / 4) return NaN;
  return half + Math.sqrt(Math.max(0, square));
}

/** Q₁ = P · tan φ₁ of a load that draws `watts` at a displacement factor (lagging). */
export const fundamentalVars = (watts: number, displacementFactor: number): number =>
  displacementFactor >= 1 ? 0 : watts * Math.tan(Math.acos(displacementFactor));
