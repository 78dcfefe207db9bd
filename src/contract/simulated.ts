import { string } from 'yup';
import { exact } from './exact';
import { METER_FUNCTIONS, METER_STATES, PROBES } from './instrument';

const reference = () => string().min(1).max(64).defined();

/** Query of GET /api/v1/sim/meter: which job and point, and how the probes are put on. */
export const meterQuery = exact({
  job: reference(),
  point: reference(),
  function: string().oneOf(METER_FUNCTIONS).defined(),
  from: string().oneOf(PROBES).defined(),
  to: string().oneOf(PROBES).defined(),
  state: string().oneOf(METER_STATES).defined(),
}).test('two', (query, context) =>
  query.from === query.to
    ? context.createError({ path: 'to', message: 'both probes stand on one screw', type: 'max' })
    : true,
);
export type MeterQuery = ReturnType<typeof meterQuery.validateSync>;

/** Query of GET /api/v1/sim/phone. */
export const phoneQuery = exact({ job: reference(), point: reference() });
