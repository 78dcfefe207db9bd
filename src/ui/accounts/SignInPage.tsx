'use client';
import { accountsWords } from '@/words/screens';
import { answer } from '@/contract/answers';
import { isSigned } from '@/contract/accountAnswers';
import { useState } from 'react';
import { PlainPick } from '../form/PlainPick';
import { call, NotTaken } from '../log/api';
import { newPassphrase } from './newPassphrase';
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
  /** @returns a sentence where it was not taken */
  const send = async (path: string, body: object): Promise<string | null> => {
    try {
      await call(path, answer(isSigned), { method: 'POST', body });
    } catch (error) {
      if (!(error instanceof NotTaken)) throw error;
      return error.message;
    }
    // The whole page anew: what it shows is another one’s now
    window.location.assign(to);
    return null;
  };
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
