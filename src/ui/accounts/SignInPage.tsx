'use client';
import { accountsWords } from '@/words/screens';
import { answer } from '@/contract/answers';
import { isSigned } from '@/contract/accountAnswers';
import { useState } from 'react';
import { PlainPick } from '../form/PlainPick';
import { call, NotTaken } from '../log/api';
import { Button } from 'react-bootstrap';
import { OnClient } from '../frame/OnClient';
import { newPassphrase } from './newPassphrase';
import { hasPasskeys, signInByPasskey } from './passkeys';
import { SecretForm } from './SecretForm';

type Way = 'name' | 'device' | 'account';
const WAYS = [
  { value: 'name', words: accountsWords.byName },
  { value: 'device', words: accountsWords.byDevice },
  { value: 'account', words: accountsWords.byAccount },
] as const;

interface Props {
  /** Nobody has an account yet: the first one is made here. */
  readonly isFirst: boolean;
  /** Where it goes on: an address of this program. */
  readonly to: string;
  /** SHA-256 of the server’s certificate; null where it shows none. */
  readonly fingerprint: string | null;
}

/** Where one signs in: by name and passphrase, or by a code that another screen shows. */
export function SignInPage({ isFirst, to, fingerprint }: Props) {
  const [way, setWay] = useState<Way>(isFirst ? 'account' : 'name');
  const [noPasskey, setNoPasskey] = useState<string | null>(null);
  /** @returns a sentence where it was not taken */
  const enter = async (act: () => Promise<unknown>): Promise<string | null> => {
    try {
      await act();
    } catch (error) {
      if (!(error instanceof NotTaken)) throw error;
      return error.message;
    }
    // The whole page anew: what it shows is another one’s now
    window.location.assign(to);
    return null;
  };
  const send = (path: string, body: object): Promise<string | null> =>
    enter(() => call(path, answer(isSigned), { method: 'POST', body }));
  const byPasskey = async (): Promise<void> => setNoPasskey(await enter(signInByPasskey));
  const claim = ({ code, passphrase, again, name }: Readonly<Record<string, string>>): Promise<string | null> =>
    passphrase === again
      ? send('/session/account', { code, passphrase, ...(name === undefined ? {} : { name }) })
      : Promise.resolve(accountsWords.notTheSame);
  const code = { name: 'code', label: accountsWords.code, autoComplete: 'one-time-code' } as const;
  const name = { name: 'name', label: accountsWords.name, autoComplete: 'username' } as const;
  const own = newPassphrase('passphrase');
  return (
    <main id="main" className="sign-in">
      <p className="name">
        <svg width="22" height="28" viewBox="0 0 22 28" aria-hidden="true">
          <path d="M4 1v26M18 1v26M4 6h14M4 22h14" stroke="var(--ink)" strokeWidth="2.6" fill="none" />
          <path d="M4 14h14" stroke="var(--fox)" strokeWidth="4" />
        </svg>
        <b>{accountsWords.foxLadder}</b>
      </p>
      <h1>{isFirst ? accountsWords.makeTheFirst : accountsWords.signIn}</h1>
      {isFirst ? (
        <>
          <p className="soft">{accountsWords.firstWhy}</p>
          <SecretForm fields={[code, name, ...own]} submit={accountsWords.makeAndSignIn} onSend={claim} />
        </>
      ) : (
        <>
          <PlainPick name={accountsWords.how} options={WAYS} chosen={way} onPick={setWay} />
          {way === 'name' && (
            <SecretForm
              fields={[
                name,
                {
                  name: 'passphrase',
                  label: accountsWords.passphrase,
                  secret: true,
                  autoComplete: 'current-password',
                },
              ]}
              submit={accountsWords.signIn}
              onSend={(texts) => send('/session', texts)}
            />
          )}
          {way === 'name' && (
            <OnClient ahead={null}>
              {hasPasskeys() && (
                <div className="block-top">
                  <Button variant="secondary" onClick={() => void byPasskey()}>
                    {accountsWords.byPasskey}
                  </Button>
                  {noPasskey && (
                    <p className="brick block-top" role="alert">
                      {noPasskey}
                    </p>
                  )}
                </div>
              )}
            </OnClient>
          )}
          {way === 'device' && (
            <SecretForm
              fields={[code]}
              submit={accountsWords.signIn}
              onSend={(texts) => send('/session/code', texts)}
            />
          )}
          {way === 'account' && (
            <SecretForm fields={[code, ...own]} submit={accountsWords.makeAndSignIn} onSend={claim} />
          )}
        </>
      )}
      {fingerprint !== null && (
        <p className="soft small fingerprint">
          {accountsWords.fingerprint} <code>{fingerprint}</code>
        </p>
      )}
    </main>
  );
}
