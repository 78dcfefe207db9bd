export { CHIME_KINDS, CHIME_LIMITS, COIL_REACTANCE_RATIO_60HZ, likelyCoil, type ChimeKind } from './kind';
export { clearChime } from './chimeTasks';
export { CHIME_SETTINGS, settingAt, settingName, type ChimeSetting } from './setting';
export type { Treatment, TreatmentPath } from './treatment';
export { TREATMENTS, treatmentTasks } from './treatments/register';
export { leavesNoChime, treatmentById, treatmentsFor } from './treatmentsFor';
export type { ChimeSayings } from './sayings';
