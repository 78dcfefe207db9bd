'use client';
import {
  browserSupportsWebAuthn,
  startAuthentication,
  startRegistration,
  WebAuthnError,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/browser';
import { answer } from '@/contract/answers';
import { isSigned } from '@/contract/accountAnswers';
import { isNamedHost, isPasskeyList, isPasskeyOptions } from '@/contract/passkeys';
import { accountsWords } from '@/words/screens';
import { call, NotTaken } from '../log/api';

/** Whether this browser has passkeys, and this address may have one. */
export const hasPasskeys = (): boolean => browserSupportsWebAuthn() && isNamedHost(window.location.hostname);

/** The device made or gave no passkey: whoever sits there said no, waited, or it has one already. */
class NoPasskey extends NotTaken {}

async function onDevice<T>(act: () => Promise<T>): Promise<T> {
  try {
    return await act();
  } catch (cause) {
    const isThere = cause instanceof WebAuthnError && cause.code === 'ERROR_AUTHENTICATOR_PREVIOUSLY_REGISTERED';
    throw new NoPasskey(isThere ? accountsWords.passkeyIsThere : accountsWords.noPasskeyCame, { cause });
  }
}

/** Makes a passkey on this device for whoever is signed in. @throws NotTaken */
export async function makePasskey(): Promise<void> {
  const { options } = await call(
    '/session/passkeys/options',
    answer(isPasskeyOptions<PublicKeyCredentialCreationOptionsJSON>),
    { method: 'POST', body: {} },
  );
  const credential = await onDevice(() => startRegistration({ optionsJSON: options }));
  await call('/session/passkeys', answer(isPasskeyList), { method: 'POST', body: { credential } });
}

/** Signs in by a passkey of this device. @throws NotTaken */
export async function signInByPasskey(): Promise<void> {
  const { options } = await call(
    '/session/passkey/options',
    answer(isPasskeyOptions<PublicKeyCredentialRequestOptionsJSON>),
    { method: 'POST', body: {} },
  );
  const credential = await onDevice(() => startAuthentication({ optionsJSON: options }));
  await call('/session/passkey', answer(isSigned), { method: 'POST', body: { credential } });
}
