'use client';
import { accountsWords } from '@/words/screens';
import { answer } from '@/contract/answers';
import { isSigned } from '@/contract/accountAnswers';
import { Dialog } from '../form/Dialog';
import { call, NotTaken } from '../log/api';
import { SecretForm } from './SecretForm';

interface Props {
  readonly onClose: () => void;
  /** The passphrase was right: what was held up goes on. */
  readonly onSaid: () => void;
}

const FIELDS = [
  { name: 'passphrase', label: accountsWords.yourPassphrase, secret: true, autoComplete: 'current-password' },
] as const;

/** Asks for one’s passphrase again, before what opens the firm to others. */
export function AgainDialog({ onClose, onSaid }: Props) {
  const say = async ({ passphrase }: Readonly<Record<'passphrase', string>>): Promise<string | null> => {
    try {
      await call('/session/again', answer(isSigned), { method: 'POST', body: { passphrase } });
    } catch (cause) {
      if (!(cause instanceof NotTaken)) throw cause;
      return cause.message;
    }
    onSaid();
    return null;
  };
  return (
    <Dialog id="again" title={accountsWords.passphraseAgain} close={{ words: accountsWords.leaveIt, onClose }}>
      <p className="soft">{accountsWords.againWhy}</p>
      <SecretForm fields={FIELDS} submit={accountsWords.goOn} onSend={say} />
    </Dialog>
  );
}
