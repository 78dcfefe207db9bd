import { boolean, number, string } from 'yup';
import { LASTING_STATES } from '../../catalogue';
import { LIMITS, TEXT } from '../limits';
import { exact, maybe, reference } from './fields';

const volts = () => number().min(0).max(100).defined();
const perState = () =>
  exact({
    standby: number().min(0).defined(),
    liveDay: number().min(0).defined(),
    liveNight: number().min(0).defined(),
    boot: number().min(0).defined(),
  });

/** The catalogue values a choice was made with: a later edit of the catalogue changes no old verdict. */
const deviceValues = exact({
  id: reference(),
  name: string().max(TEXT.short).defined(),
  supplyNominalMin: volts(),
  supplyNominalMax: volts(),
  vaAsked: number().min(0).max(1000).defined(),
  doorFullVolts: volts(),
  doorMinVolts: volts(),
  doorMaxVolts: volts(),
  watts: perState().defined(),
  wattsPercent: number().min(0).max(100).defined(),
  powerFactor: number().moreThan(0).max(1).defined(),
  displacementFactor: number().moreThan(0).max(1).defined(),
  pressOhms: number().min(0).max(1000).defined(),
  capacitanceF: number().moreThan(0).max(1),
  dropVolts: number().min(0).max(10),
  lockOutVolts: number().min(0).max(100),
});

const transformerValues = exact({
  id: reference(),
  name: string().max(TEXT.short).defined(),
  ratedVolts: number().min(LIMITS.nameplateVolts.least).max(LIMITS.nameplateVolts.most).defined(),
  ratedVa: number().min(LIMITS.voltAmps.least).max(LIMITS.voltAmps.most).defined(),
  mainsWork: boolean().defined(),
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
  reason: maybe.text(TEXT.long),
  verdict: string<'holds' | 'tight' | 'cannotTell' | 'fails' | 'tooHigh' | 'notComputed'>()
    .oneOf(['holds', 'tight', 'cannotTell', 'fails', 'tooHigh', 'notComputed'])
    .defined(),
  belief: number().min(0).max(1).defined(),
  governing: string<(typeof LASTING_STATES)[number]>().oneOf(LASTING_STATES).defined(),
  governingVolts: volts(),
  marginVolts: number().min(-100).max(100).defined(),
});
