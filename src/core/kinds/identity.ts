import { LIMITS, fact, schemasOf } from '../facts';
import { exact, reference } from './fields';

/** How a device’s code was read. */
export const CODE_READ_BYS = ['camera', 'picture', 'hand', 'simulated', 'none'] as const;

/** Who read off what the device has of its network. */
export const FIGURES_BYS = ['hand', 'simulated'] as const;

/** What a device says of itself, and how it joined. */
export const DEVICE_FACTS = {
  /** What its code holds, letter for letter. */
  code: fact.text(200),
  codeReadBy: fact.choice(CODE_READ_BYS),
  serial: fact.text(64),
  /** What it is called in the program that it is watched with. */
  calledThere: fact.text(64),
  /** The Wi-Fi that it joined. */
  network: fact.text(),
  /** The network as the device itself has it. */
  dbm: fact.figure({ unit: 'dBm', unitWords: ['dbm', 'db'], ...LIMITS.dbm, zeroAllowed: true }),
  upMbit: fact.figure({
    unit: 'Mbit/s',
    unitWords: ['mbit/s', 'mbit', 'mbps'],
    ...LIMITS.mbitPerSecond,
    zeroAllowed: true,
  }),
  figuresBy: fact.choice(FIGURES_BYS),
} as const;

export const deviceDescribed = exact({ pointId: reference(), ...schemasOf(DEVICE_FACTS) });
