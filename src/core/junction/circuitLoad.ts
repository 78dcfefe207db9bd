/** Of a breaker’s rating this much carries what is on for hours (domain/junction). */
export const LASTING_SHARE = 0.8;

/** What hangs on a circuit. */
export interface CircuitLoad {
  readonly existingVa: number;
  readonly lampVa: number;
  readonly cameraVa: number;
  readonly volts: number;
  /** A breaker, of whose rating a share counts; or the fuse of a spur, which counts whole. */
  readonly by: 'breaker' | 'fuse';
  readonly ratedAmps: number;
}

export interface LoadJudged {
  readonly totalVa: number;
  readonly limitVa: number;
  readonly amps: number;
  readonly suffices: boolean;
  /** More than the rating itself. */
  readonly over: boolean;
}

/** Holds what is on a circuit against its breaker or fuse. */
export function circuitLoad({ existingVa, lampVa, cameraVa, volts, by, ratedAmps }: CircuitLoad): LoadJudged {
  const totalVa = existingVa + lampVa + cameraVa;
  const ratedVa = volts * ratedAmps;
  const limitVa = by === 'fuse' ? ratedVa : LASTING_SHARE * ratedVa;
  return {
    totalVa,
    limitVa,
    amps: totalVa / volts,
    suffices: totalVa <= limitVa + 1e-9,
    over: totalVa > ratedVa + 1e-9,
  };
}
