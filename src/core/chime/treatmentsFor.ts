import type { ChimeKind } from './kind';
import type { Treatment } from './treatment';
import { TREATMENTS } from './treatments/register';

/** The treatments that make sense for a kind of chime in a region. An unknown chime is taken for a mechanical one. */
export const treatmentsFor = (kind: ChimeKind | null, regionId: string): readonly Treatment[] =>
  TREATMENTS.filter(
    (treatment) =>
      treatment.kinds.includes(kind ?? 'mechanical') &&
      (treatment.regions.length === 0 || treatment.regions.includes(regionId)),
  );

/** Treatments that leave no chime on the wall. */
export const leavesNoChime = (treatmentId: string): boolean => treatmentId === 'takeOut' || treatmentId === 'noChime';

export const treatmentById = (id: string): Treatment | undefined => TREATMENTS.find((treatment) => treatment.id === id);
