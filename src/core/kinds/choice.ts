import { array, boolean, number, string } from 'yup';
import { LASTING_STATES } from '../catalogue';
import { LIMITS, TEXT } from '../facts';
import { deviceValues } from './device';
import { exact, maybe, oneOf, reference } from './fields';
import { SCREW_PAIRS } from '../wiring';

const volts = () => number().min(0).max(100).defined();
const openVolts = () => number().moreThan(0).max(200).defined();
const texts = () => array(string().max(TEXT.short).defined()).max(20);

const transformerValues = exact({
  id: reference(),
  name: string().max(TEXT.short).defined(),
  ratedVolts: number().min(LIMITS.nameplateVolts.least).max(LIMITS.nameplateVolts.most).defined(),
  ratedVa: number().min(LIMITS.voltAmps.least).max(LIMITS.voltAmps.most).defined(),
  /** Open volts at nominal mains by its sheet: 5, 50 and 95 % points. */
  openVolts: exact({ low: openVolts(), likely: openVolts(), high: openVolts() }).optional(),
  mainsWork: boolean().defined(),
  fit: string<'onBox' | 'dinRail' | 'plugIn'>().oneOf(['onBox', 'dinRail', 'plugIn']),
  parts: texts(),
}).nullable();

/** What was picked, why, and what was believed of it then. `transformer` null keeps the old one. */
export const choiceMade = exact({
  pointId: reference(),
  device: deviceValues.defined(),
  transformer: transformerValues.defined(),
  treatmentId: reference(),
  joinPairs: boolean().defined(),
  /** Thin runs are pulled anew. */
  repull: boolean(),
  /** The bell wires go to another pair of the old transformer’s screws. */
  tap: exact({
    screws: oneOf(SCREW_PAIRS),
    ratedVolts: number().min(LIMITS.nameplateVolts.least).max(LIMITS.nameplateVolts.most).defined(),
    ratedVa: number().min(LIMITS.voltAmps.least).max(LIMITS.voltAmps.most).defined(),
  })
    .nullable()
    .optional(),
  /** Splices of these runs are made anew. */
  mended: array(string<'toChime' | 'toDoor'>().oneOf(['toChime', 'toDoor']).defined()).max(2),
  /** Ohms of the module or link that the treatment puts in, and of the cable that is pulled, mm². */
  pathOhms: number().min(0).max(100),
  pulledMm2: number().min(0.05).max(35),
  /** What the treatment and the enclosure take. */
  parts: texts(),
  /** An enclosure with a rail of its own, where the board has no room. */
  enclosure: maybe.text(),
  /** What the new transformer must read open before anything is joined, V at nominal mains. */
  openCondition: exact({ mostVolts: openVolts().nullable(), leastVolts: openVolts().nullable() }).nullable().optional(),
  reason: maybe.text(TEXT.long),
  verdict: string<'holds' | 'tight' | 'cannotTell' | 'fails' | 'tooHigh' | 'notComputed'>()
    .oneOf(['holds', 'tight', 'cannotTell', 'fails', 'tooHigh', 'notComputed'])
    .defined(),
  belief: number().min(0).max(1).defined(),
  governing: string<(typeof LASTING_STATES)[number]>().oneOf(LASTING_STATES).defined(),
  governingVolts: volts(),
  marginVolts: number().min(-100).max(100).defined(),
});
