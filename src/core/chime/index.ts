export {
  CHIME_KINDS,
  CHIME_KIND_WORDS,
  CHIME_LIMITS,
  COIL_REACTANCE_RATIO_60HZ,
  likelyCoil,
  type ChimeKind,
} from './kind';
export type { Treatment, TreatmentPath } from './treatment';
export { TREATMENTS } from './treatments/register';
export { treatmentById, treatmentsFor } from './treatmentsFor';
