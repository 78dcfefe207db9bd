'use client';
import { accountsWords } from '@/words/screens';
import { Modal } from 'react-bootstrap';
import { answer } from '@/contract/answers';
import { isSigned } from '@/contract/accountAnswers';
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
    <Modal show onHide={onClose} centered aria-labelledby="again">
      <Modal.Header closeButton closeLabel={accountsWords.leaveIt}>
        <Modal.Title as="h2" id="again">
          {accountsWords.passphraseAgain}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p className="soft">{accountsWords.againWhy}</p>
        <SecretForm fields={FIELDS} submit={accountsWords.goOn} onSend={say} />
      </Modal.Body>
    </Modal>
  );
}
