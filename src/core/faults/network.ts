import type { TestShape } from './diagnosis';

/** Faults of what a device is joined to, and where each is put right; null: wherever one stands, by the phone. */
export const NETWORK_FAULTS = {
  routerAsleep: 'hall',
  otherBand: 'hall',
  passwordChanged: null,
  phoneSettings: null,
  accountSetting: null,
} as const;
export type NetworkFault = keyof typeof NETWORK_FAULTS;

/** Tests of it. The device’s own light stands where the device is. */
export const NETWORK_TESTS = {
  /** Another device of the house on its Wi-Fi. */
  othersOnWifi: { place: null, figure: null, words: ['works', 'dead'] },
  deviceLight: { place: null, figure: null, words: ['dark', 'searching', 'steady'] },
  /** The band that the router gives, beside the one that the device takes. */
  bandLook: { place: 'hall', figure: null, words: ['same', 'other'] },
  /** Another phone of the household. */
  otherPhone: { place: null, figure: null, words: ['told', 'silent'] },
} as const satisfies Record<string, TestShape>;
export type NetworkTest = keyof typeof NETWORK_TESTS;
export const isNetworkTest = (kind: string): kind is NetworkTest => Object.hasOwn(NETWORK_TESTS, kind);

/** What a device is joined to, as it is. */
export interface Network {
  readonly routerOn: boolean;
  readonly bandFits: boolean;
  readonly passwordFits: boolean;
  readonly phoneSet: boolean;
  readonly accountSet: boolean;
}

export const networkWith = (faults: readonly string[]): Network => ({
  routerOn: !faults.includes('routerAsleep' satisfies NetworkFault),
  bandFits: !faults.includes('otherBand' satisfies NetworkFault),
  passwordFits: !faults.includes('passwordChanged' satisfies NetworkFault),
  phoneSet: !faults.includes('phoneSettings' satisfies NetworkFault),
  accountSet: !faults.includes('accountSetting' satisfies NetworkFault),
});

/** Whether a device that is awake and hears enough gets on line. */
export const lets = ({ routerOn, bandFits, passwordFits }: Network): boolean => routerOn && bandFits && passwordFits;

/** Whether the customer’s phone is told of a press, where the device is on line. */
export const tellsPhone = ({ phoneSet, accountSet }: Network): boolean => phoneSet && accountSet;

/** What a test of the network comes to. */
export function networkWord(
  kind: NetworkTest,
  network: Network,
  { isAwake, isOnline }: { readonly isAwake: boolean; readonly isOnline: boolean },
): string {
  switch (kind) {
    case 'othersOnWifi':
      return network.routerOn ? 'works' : 'dead';
    case 'deviceLight':
      return !isAwake ? 'dark' : isOnline ? 'steady' : 'searching';
    case 'bandLook':
      return network.bandFits ? 'same' : 'other';
    case 'otherPhone':
      return isOnline && network.accountSet ? 'told' : 'silent';
  }
}
