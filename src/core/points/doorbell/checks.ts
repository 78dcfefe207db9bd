import { settingAt, treatmentById } from '../../chime';
import { doorbellChecks, type Check } from '../../prove';
import type { Doorbell } from './doorbell';

/** The checks that this door needs, in their order. */
export function checksAtDoor({ choice, chime }: Doorbell): readonly Check[] {
  const treatment = choice && treatmentById(choice.data.treatmentId);
  return doorbellChecks({
    newTransformer: choice?.data.transformer != null,
    chime: treatment
      ? { setting: settingAt(treatment.setting, chime.chimeKind ?? null), sounds: treatment.sounds }
      : null,
  });
}
