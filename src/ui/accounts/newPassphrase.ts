import { accountsWords } from '@/words/screens';
import type { SecretField } from './SecretForm';

type Asked<N extends string> = SecretField & { readonly name: N | 'again' };

/** The two fields by which a passphrase is picked. @param name of the first */
export const newPassphrase = <N extends string>(name: N): readonly Asked<N>[] => [
  {
    name,
    label: accountsWords.newPassphrase,
    hint: accountsWords.passphraseHint,
    secret: true,
    autoComplete: 'new-password',
  },
  { name: 'again', label: accountsWords.again, secret: true, autoComplete: 'new-password' },
];
