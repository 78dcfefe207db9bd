import { said, type Text } from '../said';

/** What is tried when a device won’t join, in the order of the trade (domain/prove): the third try is no surprise then. */
export const PAIRING_TRIES = ['nearer', 'otherBand', 'permissions', 'betterLight', 'reset'] as const;
export type PairingTry = (typeof PAIRING_TRIES)[number];

export const pairingTryName = (what: PairingTry): Text => said('pairingTry', { what });
