import { said, type Text } from '../said';
import type { BellSurvey, Change } from '../bell';
import {
  devicesIn,
  figureOf,
  textOf,
  transformersIn,
  type Catalogue,
  type DeviceProfile,
  type TransformerItem,
} from '../catalogue';
import type { Treatment } from '../chime';
import { fittedTreatments } from './fittedTreatments';
import type { Premises, Tap } from './premises';
import type { Way } from './way';
import { cableOf, pairFactors, wireEffort, wireRemediesFor, type WireRemedy } from './wireRemedies';

/** One way to do the job: transformer × chime × wire × device. */
export interface Option extends Way {
  /** Null keeps the one that is there. */
  readonly transformer: TransformerItem | null;
  /** Another pair of the old one’s screws. */
  readonly tap: Tap | null;
  readonly enclosure: Enclosure | null;
  readonly treatment: Treatment;
  readonly wire: WireRemedy;
  /** Of the cable that is pulled; null where none is. */
  readonly pulledMm2: number | null;
  readonly device: DeviceProfile;
  /** Another device than the one that was asked for. */
  readonly instead: boolean;
  /** Why the device does not allow it; null where it does. */
  readonly forbidden: Text | null;
}

/** Two bell wires under another pair of screws, the mains side closed. */
const TAP_MINUTES = 10;

/** What a way is made of, in short: the same for the same way, whatever stands in the tables. */
export const optionId = ({
  transformer,
  tap,
  treatmentId,
  wire,
  insteadId = null,
}: {
  readonly transformer: { readonly id: string } | null;
  readonly tap: { readonly screws: string } | null;
  readonly treatmentId: string;
  readonly wire: WireRemedy;
  readonly insteadId?: string | null;
}): string =>
  [
    transformer?.id ?? (tap ? `tap ${tap.screws}` : 'keep'),
    treatmentId,
    ...(wire === 'keep' ? [] : [wire]),
    ...(insteadId ? [insteadId] : []),
  ].join('+');

/** The nameplate’s pair of screws against another: the same core and regulation, other turns. */
export function tapChange(
  { nameplate: { volts, va } }: Pick<BellSurvey, 'nameplate'>,
  { ratedVolts, ratedVa }: Omit<Tap, 'screws'>,
): Change['tap'] {
  if (volts === null || va === null) return undefined;
  const voltsFactor = ratedVolts / volts;
  // Ohms of a pair: regulation · V² / S
  return { voltsFactor, ohmsFactor: (voltsFactor * voltsFactor * va) / ratedVa };
}

/** What feeds the loop in a way: the old transformer, another pair of its screws, or a new one. */
interface Supply {
  readonly transformer: TransformerItem | null;
  readonly tap: Tap | null;
  readonly enclosure: Enclosure | null;
}

/** An enclosure with a rail, where the board has no free ways for a transformer. */
export interface Enclosure {
  readonly name: string;
  readonly minutes: number;
  readonly cost: number;
}

/** The smallest enclosure that takes it, where it sits on a rail and the board has no room, or nobody has looked. */
function enclosureFor({ fit, railWays }: TransformerItem, { freeRailWays, catalogue }: Premises): Enclosure | null {
  if (fit !== 'dinRail' || (freeRailWays !== null && freeRailWays >= railWays)) return null;
  const [smallest] = catalogue.enclosure
    .map(({ values }) => values)
    .filter((values) => figureOf(values, 'railWays') >= railWays)
    .sort((a, b) => figureOf(a, 'railWays') - figureOf(b, 'railWays'));
  return smallest
    ? {
        name: textOf(smallest, 'name'),
        minutes: figureOf(smallest, 'minutes'),
        cost: figureOf(smallest, 'cost'),
      }
    : null;
}

/** Transformers that can stand where the new supply comes from; all where nobody said, or none fits. */
function fitting(all: readonly TransformerItem[], fits: readonly TransformerItem['fit'][]): readonly TransformerItem[] {
  const some = all.filter(({ fit }) => fits.includes(fit));
  return some.length > 0 ? some : all;
}

/**
 * Whether what feeds the loop now can go on feeding it, and so is worth being read. A boxed chime goes with its
 * transformer; where there was no bell there is nothing to keep.
 */
export const canKeepSupply = (survey: BellSurvey, { newSupply }: Premises): boolean =>
  survey.chime.kind !== 'boxedMains' && newSupply === null;

function suppliesFor(survey: BellSurvey, premises: Premises): readonly Supply[] {
  const { taps, catalogue, newSupply, decided, outletNear } = premises;
  if (decided) return [{ transformer: decided.transformer, tap: decided.tap, enclosure: null }];
  const old: readonly Supply[] = [
    { transformer: null, tap: null, enclosure: null },
    ...taps.map((tap) => ({ transformer: null, tap, enclosure: null })),
  ];
  return [
    ...(canKeepSupply(survey, premises) ? old : []),
    ...fitting(transformersIn(catalogue, survey.region.id), newSupply?.fits ?? [])
      .filter(({ fit }) => fit !== 'plugIn' || outletNear !== false)
      .map((transformer) => ({
        transformer,
        tap: null,
        enclosure: enclosureFor(transformer, premises),
      })),
  ];
}

/** Devices with a battery of their own that live on less, offered beside the one that was asked for. */
const lessHungry = ({ doorMinVolts, id }: DeviceProfile, catalogue: Catalogue): readonly DeviceProfile[] =>
  devicesIn(catalogue).filter(
    ({ id: other, battery, doorMinVolts: least }) => other !== id && battery !== null && least < doorMinVolts,
  );

const HEATING_DOUBT = said('mayHeatingsTransformer');

/** Hard rules, the device’s own first, then those of other doors on the chime: it is treated once for all of them. */
export function forbiddenWhy(
  { shared, chime }: BellSurvey,
  { forbids, battery }: DeviceProfile,
  treatment: Treatment,
  heatings: boolean,
): Text | null {
  const own = forbids[treatment.id] ?? forbids[treatment.alike ?? ''];
  if (own !== undefined) return own;
  for (const { name, joins, path, device } of shared?.others ?? []) {
    const why =
      joins !== 'supply' && path === 'asHere'
        ? (device.forbids[treatment.id] ?? device.forbids[treatment.alike ?? ''])
        : undefined;
    if (why !== undefined) return said('forbiddenAt', { door: name, why });
  }
  // Idle it lets a fraction of a watt through at best
  if (chime.kind === 'electronic' && treatment.standing.path === 'series' && !battery) return said('electronicStarves');
  if (treatment.onlyWithBattery && !battery) return said('diodeNeverFitted');
  return heatings ? HEATING_DOUBT : null;
}

/** A chime stands this much over what it was made for before it hammers and heats (domain/power: remedies). */
const OVERDRIVEN = 1.25;

/** Another chime is a way where the old one would be overdriven, or is one that no device lives beside. */
function isOffered(
  { isNewChime }: Treatment,
  { chime, nameplate, region }: BellSurvey,
  supply: { readonly ratedVolts: number } | null,
): boolean {
  if (!isNewChime || chime.kind === 'electronic') return true;
  const volts = supply?.ratedVolts ?? nameplate.volts;
  return volts !== null && volts > OVERDRIVEN * (chime.ratedVolts ?? nameplate.volts ?? region.coilGuess.volts);
}

/** What nobody said yet and a way rests on. */
export type RestsOn = 'outletNear' | 'freeWays';

/** What is to be said before a way is proposed: whether its outlet is there, whether the board has room. */
export function restsOn(
  { transformer }: Pick<Option, 'transformer'>,
  { outletNear, freeRailWays, newSupply }: Premises,
): RestsOn | null {
  if (transformer?.fit === 'plugIn' && outletNear === null && newSupply === null) return 'outletNear';
  return transformer?.fit === 'dinRail' && freeRailWays === null ? 'freeWays' : null;
}

/** All sensible ways at this point: what feeds it × treatments of this chime × wire × device. */
export function optionsFor(survey: BellSurvey, premises: Premises): readonly Option[] {
  const { badSplices, heatingDoubt, newSupply, catalogue } = premises;
  const treatments = fittedTreatments(catalogue, survey.chime.kind, survey.region.id);
  const supplies = suppliesFor(survey, premises);
  const wires = wireRemediesFor(survey, premises);
  const pulledMm2 = cableOf(catalogue).mm2;
  return [survey.device, ...lessHungry(survey.device, catalogue)].flatMap((device) =>
    supplies.flatMap(({ transformer, tap, enclosure }) =>
      treatments
        .filter((treatment) => isOffered(treatment, survey, transformer ?? tap))
        .flatMap((treatment) =>
          wires.map((wire): Option => {
            const instead = device.id !== survey.device.id;
            const effort = wireEffort(survey, premises, wire);
            const turned = tap ? tapChange(survey, tap) : undefined;
            return {
              id: optionId({
                transformer,
                tap,
                treatmentId: treatment.id,
                wire,
                insteadId: instead ? device.id : null,
              }),
              transformer,
              tap,
              enclosure,
              treatment,
              wire,
              pulledMm2: wire === 'repull' ? pulledMm2 : null,
              device,
              instead,
              change: {
                transformer,
                treatment: treatment.standing,
                pairFactor: pairFactors(survey, premises, wire, pulledMm2),
                ...(turned ? { tap: turned } : {}),
                ...(wire === 'mend' ? { mended: badSplices } : {}),
              },
              forbidden: forbiddenWhy(survey, device, treatment, heatingDoubt && !transformer),
              ratedVolts: transformer?.ratedVolts ?? tap?.ratedVolts ?? survey.nameplate.volts,
              ratedVa: transformer?.ratedVa ?? tap?.ratedVa ?? survey.nameplate.va,
              licensed: transformer?.mainsWork ?? false,
              silent: !treatment.sounds,
              minutes:
                (transformer?.minutes ?? 0) +
                (enclosure?.minutes ?? 0) +
                (tap ? TAP_MINUTES : 0) +
                (newSupply?.minutes ?? 0) +
                treatment.minutes +
                effort.minutes,
              cost:
                (transformer?.cost ?? 0) +
                (enclosure?.cost ?? 0) +
                (newSupply?.cost ?? 0) +
                treatment.cost +
                effort.cost,
            };
          }),
        ),
    ),
  );
}
