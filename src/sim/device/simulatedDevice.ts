import type { DevicePhase, DeviceScript, DeviceTold, PhoneReading } from '@/contract/instrument';
import { expectedReport } from '@/core/bell';
import { seeded } from '@/core/random';

/** The supply of a device that lives from a bell circuit: volts at its screws as the house gives them, and what it asks. */
export interface DeviceSupply {
  readonly bootVolts: number;
  readonly standbyVolts: number;
  readonly doorMinVolts: number;
  readonly doorFullVolts: number;
}

type Phases = DeviceScript['phases'];

/** Seconds of each stage, least and most: a stand-in’s, shorter than a real one’s. */
const STARTS = { least: 4, most: 12 } as const;
const UPDATES = { least: 40, most: 90 } as const;
const JOINS = { least: 6, most: 14 } as const;
/** A device that drops starts again and again, so often within the time that somebody looks. */
const DROPS = { times: 12, litSeconds: 7, darkSeconds: 6 } as const;

/**
 * How a device comes up, told beforehand.
 * @param supply null where it hangs on the mains
 * @param told what it is to do; too few volts make it drop whatever it is told
 * @param wifi at its place
 * @param seed of the point
 */
export function simulatedDevice(
  supply: DeviceSupply | null,
  told: DeviceTold,
  wifi: PhoneReading,
  seed: number,
): DeviceScript {
  const random = seeded(seed);
  const between = ({ least, most }: { readonly least: number; readonly most: number }): number =>
    Math.round(least + random() * (most - least));
  const [starts, updates, joins] = [between(STARTS), between(UPDATES), between(JOINS)];
  const at = (phase: DevicePhase, fromSeconds: number): Phases[number] => ({ phase, fromSeconds });
  const isWeak = supply !== null && supply.bootVolts < supply.doorMinVolts;
  const isDark = told === 'dark' || (supply !== null && supply.bootVolts === 0);
  const drops = isWeak || told === 'drops';
  const dropping = Array.from({ length: DROPS.times }, (_, i) => i * (DROPS.litSeconds + DROPS.darkSeconds)).flatMap(
    (from) => [at('starting', starts + from), at('dark', starts + from + DROPS.litSeconds)],
  );
  const up = [at('starting', 2), at('updating', starts + 2)];
  const phases: Phases = [
    at('dark', 0),
    ...(isDark ? [] : drops ? dropping : told === 'updateHangs' ? up : [...up, at('ready', starts + 2 + updates)]),
  ];
  return {
    phases,
    joinsAfterSeconds: told === 'wontJoin' || phases.at(-1)?.phase !== 'ready' ? null : joins,
    dbm: wifi.dbm,
    upMbit: wifi.upMbit,
    supply: supply && {
      volts: Number(supply.standbyVolts.toFixed(1)),
      report: expectedReport(supply.standbyVolts, supply.doorFullVolts),
    },
    simulated: true,
  };
}
