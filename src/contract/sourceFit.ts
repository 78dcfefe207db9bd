import { array, boolean, number } from 'yup';
import { ORDINARY_METER, sourceFit, type SourceFit } from '@/core/circuit';
import { exact } from './exact';
import { ProblemError } from './problem';

const volts = () => number().moreThan(0).defined();

/** Request of POST /api/v1/compute/source-fit. */
export const sourceFitRequest = exact({
  ratedVolts: volts(),
  ratedVa: volts(),
  openCircuitVolts: volts(),
  loads: array(exact({ ohms: number().moreThan(0).defined(), volts: volts() }))
    .min(1)
    .max(10)
    .defined(),
  meter: exact({
    percent: number().min(0).max(100),
    counts: number().min(0),
    resolutionVolts: number().min(0),
    sameMeter: boolean(),
  }).optional(),
});
export type SourceFitRequest = ReturnType<typeof sourceFitRequest.validateSync>;

/**
 * Answers a parsed request.
 * @throws ProblemError 422 where there is no droop to be fitted, or no accuracy to weigh several loads with
 */
export function answerSourceFit(request: SourceFitRequest): SourceFit {
  const given = Object.fromEntries(Object.entries(request.meter ?? {}).filter(([, value]) => value !== undefined));
  const fit = sourceFit({ ...request, meter: { ...ORDINARY_METER, ...given } });
  if (!('problem' in fit)) {
    if (Object.values(fit).some((value) => value !== null && !Number.isFinite(value)))
      throw new ProblemError(422, 'The figures leave what can be worked with.');
    return fit;
  }
  if (fit.problem === 'noAccuracy')
    throw new ProblemError(422, 'Several loads need a meter with some error to be weighed by.', [
      { path: 'meter', message: 'percent and counts are both zero' },
    ]);
  const above = request.loads.findIndex((load) => load.volts >= request.openCircuitVolts);
  throw new ProblemError(422, 'The loaded volts do not lie under the open ones: there is no droop to work with.', [
    { path: `loads[${Math.max(0, above)}].volts`, message: 'loaded volts lie under open volts' },
  ]);
}
