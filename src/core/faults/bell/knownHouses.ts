import { between, clip, triangular, Z95, normalAt, type Random } from '../../random';
import { HOUSE_NUMBERS, houseDraws, WARM_WINDING, type DrawnHouse } from './drawnHouse';
import type { TroubledBell } from './troubledBell';

/** What stays the same in a house from day to day, as far as it is known: a column for each, each row as likely as the next. */
export interface KnownHouses {
  /** Open volts at nominal mains. */
  readonly openVolts: readonly number[];
  /** Of the cold winding. */
  readonly sourceOhms: readonly number[];
  /** At their coldest and their warmest. */
  readonly toChimeCold: readonly number[];
  readonly toChimeWarm: readonly number[];
  readonly toDoorCold: readonly number[];
  readonly toDoorWarm: readonly number[];
  readonly coilOhms: readonly number[];
  readonly coilReactance: readonly number[];
  /** Over what the device’s sheet says. */
  readonly wattsFactor: readonly number[];
}

/** What is drawn anew for each visit. */
const VISIT_NUMBERS = 7;

const normal = (share: number): number => clip(normalAt(Math.min(1 - 1e-12, Math.max(1e-12, share))));

/** Houses of which more is known than the bell says, as they may be on the day of the visit. */
function knownDraws(bell: TroubledBell, known: KnownHouses, random: Random): () => DrawnHouse {
  const { mains, device, wifi, meter } = bell;
  const count = known.openVolts.length;
  let i = 0;
  return () => {
    const at = i++ % count;
    const of = (column: readonly number[]): number => column[at] ?? 0;
    const other = 1 + (normal(random()) * device.wattsPercent) / 100 / Z95;
    return {
      mains: 1 + triangular(mains.lowPercent, mains.highPercent, random()) / 100,
      openVolts: of(known.openVolts),
      sourceOhms: of(known.sourceOhms),
      warm: between(1, WARM_WINDING, random()),
      toChime: between(of(known.toChimeCold), of(known.toChimeWarm), random()),
      toDoor: between(of(known.toDoorCold), of(known.toDoorWarm), random()),
      coilOhms: of(known.coilOhms),
      coilReactance: of(known.coilReactance),
      watts: device.watts * of(known.wattsFactor),
      otherWatts: Math.max(0, device.watts * other),
      dbm: (wifi?.dbm ?? 0) + (normal(random()) * (wifi?.dbmPlusMinus ?? 0)) / Z95,
      gain: 1 + between(-meter.percent, meter.percent, random()) / 100,
    };
  };
}

/** @param evenly a source of so many numbers a house */
export const bellDrawsOf = (
  bell: TroubledBell,
  known: KnownHouses | null,
  evenly: (numbers: number) => Random,
): (() => DrawnHouse) =>
  known && known.openVolts.length > 0
    ? knownDraws(bell, known, evenly(VISIT_NUMBERS))
    : houseDraws(bell, evenly(HOUSE_NUMBERS));
