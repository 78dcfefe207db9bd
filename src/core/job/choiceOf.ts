import type { JudgedOption } from '../advice';
import type { DeviceProfile } from '../catalogue';
import type { EntryData } from './kinds';

type DeviceValues = EntryData<'choiceMade'>['device'];

const valuesOf = (device: DeviceProfile): DeviceValues => ({
  id: device.id,
  name: device.name,
  supplyNominalMin: device.supplyNominalMin,
  supplyNominalMax: device.supplyNominalMax,
  vaAsked: device.vaAsked,
  doorFullVolts: device.doorFullVolts,
  doorMinVolts: device.doorMinVolts,
  doorMaxVolts: device.doorMaxVolts,
  watts: device.watts,
  wattsPercent: device.wattsPercent,
  powerFactor: device.powerFactor,
  displacementFactor: device.displacementFactor,
  pressOhms: device.pressOhms,
  capacitanceF: device.capacitanceF,
  dropVolts: device.dropVolts,
  lockOutVolts: device.lockOutVolts,
});

/** A taken way as an entry’s data, with the catalogue’s values of now: a later catalogue changes no old verdict. */
export function choiceOf(
  pointId: string,
  { device, judgement, transformer, treatment, wire }: JudgedOption,
  reason: string,
): EntryData<'choiceMade'> {
  return {
    pointId,
    device: valuesOf(device),
    transformer: transformer && {
      id: transformer.id,
      name: transformer.name,
      ratedVolts: transformer.ratedVolts,
      ratedVa: transformer.ratedVa,
      mainsWork: transformer.mainsWork,
    },
    treatmentId: treatment.id,
    joinPairs: wire === 'join',
    repull: wire === 'repull',
    reason,
    verdict: judgement.verdict,
    belief: judgement.belief,
    governing: judgement.governing,
    governingVolts: judgement.governingVolts,
    marginVolts: judgement.marginVolts,
  };
}
