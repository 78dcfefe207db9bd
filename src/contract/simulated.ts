import { string } from 'yup';
import { exact } from './exact';
import { CONDUCTOR_TESTS, SWITCH_POSITIONS } from '@/core/junction';
import {
  DEVICE_TOLDS,
  HELD,
  METER_FUNCTIONS,
  METER_STATES,
  PROBES,
  type DeviceTold,
  type Held,
  type MeterTask,
} from './instrument';

const reference = () => string().min(1).max(64).defined();

/** Query of GET /api/v1/sim/meter: which job and point, and how the probes are put on. */
export const meterQuery = exact({
  job: reference(),
  point: reference(),
  function: string().oneOf(METER_FUNCTIONS).defined(),
  from: string().oneOf(PROBES).defined(),
  to: string().oneOf(PROBES).defined(),
  state: string().oneOf(METER_STATES).defined(),
  /** Of a box: which conductor, `cable.conductor`, which test, how the switches stand. */
  conductor: string().min(1).max(140),
  test: string().oneOf(CONDUCTOR_TESTS),
  switches: string().oneOf(SWITCH_POSITIONS),
})
  .test('two', (query, context) =>
    query.from === query.to
      ? context.createError({ path: 'to', message: 'both probes stand on one screw', type: 'max' })
      : true,
  )
  .test('conductor', (query, context) =>
    (query.from === 'conductor' || query.to === 'conductor') && (!query.conductor || !query.test)
      ? context.createError({ path: 'conductor', message: 'is missing, with its test', type: 'max' })
      : true,
  );
export type MeterQuery = ReturnType<typeof meterQuery.validateSync>;

/** A query as the measurement that it asks for. */
export const taskOf = ({ function: what, from, to, state, conductor, test, switches }: MeterQuery): MeterTask => ({
  function: what,
  from,
  to,
  state,
  ...(conductor && test ? { conductor: { key: conductor, test, switches: switches ?? null } } : {}),
});

/** Query of GET /api/v1/sim/phone. */
export const phoneQuery = exact({ job: reference(), point: reference() });

/** Query of GET /api/v1/sim/code. */
export const codeQuery = phoneQuery;

/** Query of GET /api/v1/sim/device. */
export const deviceQuery = exact({
  job: reference(),
  point: reference(),
  told: string<DeviceTold>().oneOf(DEVICE_TOLDS).defined(),
});

/** Query of GET /api/v1/sim/lean. */
export const leanQuery = exact({ job: reference(), point: reference(), held: string<Held>().oneOf(HELD).defined() });
