/** One reading with a known resistor across the secondary. */
export interface LoadReading {
  readonly ohms: number;
  readonly volts: number;
}

/** Meter accuracy ±(percent of reading + counts · resolution). */
export interface MeterAccuracy {
  readonly percent: number;
  readonly counts: number;
  readonly resolutionVolts: number;
  /** One gain common to all readings, where one meter took them. */
  readonly sameMeter?: boolean;
}

export const ORDINARY_METER: MeterAccuracy = { percent: 1, counts: 3, resolutionVolts: 0.1, sameMeter: false };

export interface SourceFitRequest {
  readonly ratedVolts: number;
  readonly ratedVa: number;
  readonly openCircuitVolts: number;
  readonly loads: readonly LoadReading[];
  readonly meter: MeterAccuracy;
}

export interface SourceFit {
  readonly seriesOhms: number;
  readonly seriesOhmsLow: number;
  readonly seriesOhmsHigh: number;
  /** Volts of the droop line at the nameplate's current. */
  readonly voltsAtRated: number;
  /** VA at which the secondary has fallen to its nameplate volts. */
  readonly sagVa: number;
  readonly sagVaLow: number;
  /** Null where the readings do not exclude a source without any droop. */
  readonly sagVaHigh: number | null;
}

export type SourceFitProblem = 'noDroop' | 'noAccuracy';

interface Line {
  readonly openVolts: number;
  readonly ohms: number;
}

/** Weighted least squares of V = V0 − Rs·I. Points are (amps, volts), weights 1/δ². */
function fitLine(points: readonly (readonly [number, number])[], weights: readonly number[]): Line {
  let w = 0;
  let wx = 0;
  let wy = 0;
  points.forEach(([x, y], i) => {
    const weight = weights[i] ?? 0;
    w += weight;
    wx += weight * x;
    wy += weight * y;
  });
  const meanX = wx / w;
  const meanY = wy / w;
  let xx = 0;
  let xy = 0;
  points.forEach(([x, y], i) => {
    const weight = weights[i] ?? 0;
    xx += weight * (x - meanX) * (x - meanX);
    xy += weight * (x - meanX) * (y - meanY);
  });
  const ohms = -xy / xx;
  return { openVolts: meanY + ohms * meanX, ohms };
}

const sagVa = (line: Line, ratedVolts: number): number =>
  line.openVolts <= ratedVolts ? 0 : (ratedVolts * (line.openVolts - ratedVolts)) / line.ohms;

/**
 * Fits a transformer's droop line to an open reading and readings under known resistors, with the interval that the
 * meter's accuracy allows: the fit is repeated at every corner of the readings' ±δ.
 * @returns ohms and VA, or why there is no fit: `noDroop` when loaded volts do not lie under the open ones,
 * `noAccuracy` when several loads come with a meter of no error at all (no weights)
 */
export function sourceFit(request: SourceFitRequest): SourceFit | { readonly problem: SourceFitProblem } {
  const { ratedVolts, ratedVa, loads, meter } = request;
  const volts = [request.openCircuitVolts, ...loads.map((load) => load.volts)];
  const fixed = meter.counts * meter.resolutionVolts;
  const spread = volts.map((v) => (meter.percent / 100) * v + fixed);
  if (loads.length > 1 && spread.every((delta) => delta === 0)) return { problem: 'noAccuracy' };
  // With one load the line goes through both points, whatever the weights.
  const weights = loads.length > 1 ? spread.map((delta) => 1 / (delta * delta)) : volts.map(() => 1);

  const lineAt = (at: readonly number[]): Line =>
    fitLine(
      at.map((v, i) => {
        const load = loads[i - 1];
        return [load ? v / load.ohms : 0, v] as const;
      }),
      weights,
    );

  const nominal = lineAt(volts);
  if (!(nominal.ohms > 0)) return { problem: 'noDroop' };

  const gains = meter.sameMeter ? [1 - meter.percent / 100, 1 + meter.percent / 100] : [1];
  const own = meter.sameMeter ? volts.map(() => fixed) : spread;
  let ohmsLow = nominal.ohms;
  let ohmsHigh = nominal.ohms;
  let sagLow = sagVa(nominal, ratedVolts);
  let sagHigh: number | null = sagLow;
  for (const gain of gains) {
    for (let corner = 0; corner < 2 ** volts.length; corner++) {
      const line = lineAt(volts.map((v, i) => v * gain + ((corner >> i) & 1 ? 1 : -1) * (own[i] ?? 0)));
      if (!(line.ohms > 0)) {
        ohmsLow = 0;
        sagHigh = null;
        continue;
      }
      ohmsLow = Math.min(ohmsLow, line.ohms);
      ohmsHigh = Math.max(ohmsHigh, line.ohms);
      const sag = sagVa(line, ratedVolts);
      sagLow = Math.min(sagLow, sag);
      if (sagHigh !== null) sagHigh = Math.max(sagHigh, sag);
    }
  }
  return {
    seriesOhms: nominal.ohms,
    seriesOhmsLow: ohmsLow,
    seriesOhmsHigh: ohmsHigh,
    voltsAtRated: nominal.openVolts - (nominal.ohms * ratedVa) / ratedVolts,
    sagVa: sagVa(nominal, ratedVolts),
    sagVaLow: sagLow,
    sagVaHigh: sagHigh,
  };
}
