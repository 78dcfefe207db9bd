import type { Text } from '../../said';
import type { JudgedOption } from '../../advice';
import type { DeviceProfile } from '../../catalogue';
import type { EntryData } from '../../kinds/register';
import { lowerFirst } from '../../units';

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
  battery: device.battery && { ...device.battery },
});

const ohmsOf = ({ treatment }: JudgedOption['change']): { pathOhms?: number } =>
  treatment.path === 'shunt'
    ? { pathOhms: treatment.shuntOhms }
    : treatment.path === 'link'
      ? { pathOhms: treatment.linkOhms }
      : {};

/**
 * A taken way as an entry’s data, with the catalogue’s values of now: a later catalogue changes no old verdict.
 * @param say puts the parts into the words of whoever takes it: the entry keeps what was said
 */
export function choiceOf(
  pointId: string,
  { device, judgement, transformer, tap, enclosure, treatment, wire, pulledMm2, change }: JudgedOption,
  reason: string,
  say: (text: Text) => string,
): EntryData<'choiceMade'> {
  return {
    pointId,
    device: valuesOf(device),
    transformer: transformer && {
      id: transformer.id,
      name: transformer.name,
      ratedVolts: transformer.ratedVolts,
      ratedVa: transformer.ratedVa,
      openVolts: { ...transformer.openVolts },
      mainsWork: transformer.mainsWork,
      fit: transformer.fit,
      parts: [...transformer.parts],
    },
    treatmentId: treatment.id,
    joinPairs: wire === 'join',
    repull: wire === 'repull',
    ...(pulledMm2 === null ? {} : { pulledMm2 }),
    tap: tap && { screws: tap.screws, ratedVolts: tap.ratedVolts, ratedVa: tap.ratedVa },
    mended: [...(change.mended ?? [])],
    ...ohmsOf(change),
    parts: [...treatment.parts.map(say), ...(enclosure ? [lowerFirst(enclosure.name)] : [])],
    ...(enclosure ? { enclosure: enclosure.name } : {}),
    ...(judgement.condition
      ? { openCondition: { mostVolts: judgement.condition.mostVolts, leastVolts: judgement.condition.leastVolts } }
      : {}),
    reason,
    verdict: judgement.verdict,
    belief: judgement.belief,
    governing: judgement.governing,
    governingVolts: judgement.governingVolts,
    marginVolts: judgement.marginVolts,
  };
}
