'use client';
import { accountsWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { answer } from '@/contract/answers';
import { isSigned } from '@/contract/accountAnswers';
import { call, NotTaken } from '../log/api';
import { newPassphrase } from './newPassphrase';
import { SecretForm } from './SecretForm';

const OLD = {
  name: 'passphrase',
  label: accountsWords.ownPassphrase,
  secret: true,
  autoComplete: 'current-password',
} as const;

/** Changes the passphrase of whoever is signed in; their other devices are signed out. */
export function OwnPassphrase() {
  const [isAsked, setAsked] = useState(false);
  const [isChanged, setChanged] = useState(false);
  const change = async ({ passphrase, next, again }: Readonly<Record<string, string>>): Promise<string | null> => {
    if (next !== again) return accountsWords.notTheSame;
    try {
      await call('/session/passphrase', answer(isSigned), { method: 'POST', body: { passphrase, next } });
    } catch (cause) {
      if (!(cause instanceof NotTaken)) throw cause;
      return cause.message;
    }
    setChanged(true);
    setAsked(false);
    return null;
  };
  const begin = (): void => {
    setChanged(false);
    setAsked(true);
  };
  return (
    <section>
      {isAsked ? (
        <>
          <h2>{accountsWords.changePassphrase}</h2>
          <SecretForm fields={[OLD, ...newPassphrase('next')]} submit={accountsWords.keepPassphrase} onSend={change} />
        </>
      ) : (
        <Button variant="secondary" onClick={begin}>
          {accountsWords.changePassphrase}
        </Button>
      )}
      {isChanged && <p role="status">{accountsWords.passphraseChanged}</p>}
    </section>
  );
}
