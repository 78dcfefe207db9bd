import { managedNonce, randomBytes, utf8ToBytes } from '@noble/ciphers/utils.js';
import { xchacha20poly1305 } from '@noble/ciphers/chacha.js';

// What tells of a customer is sealed by the key of its site (XChaCha20-Poly1305, a nonce of its own each time): without the
// key it can’t be read, and whatever was changed in it is noticed.

export const KEY_BYTES = 32;

export const newKey = (): Uint8Array => randomBytes(KEY_BYTES);

/** @param about what it belongs to: moved to another place it does not open */
const cipher = (key: Uint8Array, about: string) => managedNonce(xchacha20poly1305)(key, utf8ToBytes(about));

export const sealBytes = (key: Uint8Array, about: string, bytes: Uint8Array): Uint8Array =>
  cipher(key, about).encrypt(bytes);

/** @throws where it was sealed by another key, for another place, or was changed */
export const openBytes = (key: Uint8Array, about: string, sealed: Uint8Array): Uint8Array =>
  cipher(key, about).decrypt(sealed);

export const sealText = (key: Uint8Array, about: string, text: string): string =>
  Buffer.from(sealBytes(key, about, utf8ToBytes(text))).toString('base64');

/** {@link openBytes} of a text. */
export const openText = (key: Uint8Array, about: string, sealed: string): string =>
  new TextDecoder().decode(openBytes(key, about, Buffer.from(sealed, 'base64')));
