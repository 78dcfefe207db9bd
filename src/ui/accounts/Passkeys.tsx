'use client';
import { accountsWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { Button } from 'react-bootstrap';
import { answer } from '@/contract/answers';
import type { Account } from '@/contract/accounts';
import type { PasskeyView } from '@/contract/passkeys';
import { isAnything } from '@/contract/accountAnswers';
import { OnClient } from '../frame/OnClient';
import { call } from '../log/api';
import { PlainTable, type PlainColumn } from '../table/PlainTable';
import { hasPasskeys, makePasskey } from './passkeys';

const dayText = (iso: string): string => format(parseISO(iso), 'd MMM yyyy HH:mm');

interface Props {
  readonly passkeys: readonly PasskeyView[];
  readonly accounts: readonly Account[];
  readonly showsWhose: boolean;
  readonly trying: (act: () => Promise<unknown>) => Promise<string | null>;
}

/** Passkeys: a finger or a face in the place of name and passphrase. */
export function Passkeys({ passkeys, accounts, showsWhose, trying }: Props) {
  const nameOf = (id: string): string => accounts.find((one) => one.id === id)?.name ?? '';
  const remove = (id: string) =>
    trying(() => call(`/session/passkeys/${encodeURIComponent(id)}`, answer(isAnything), { method: 'DELETE' }));
  const columns: readonly PlainColumn<PasskeyView>[] = [
    ...(showsWhose ? [{ words: accountsWords.whose, cell: ({ accountId }: PasskeyView) => nameOf(accountId) }] : []),
    { words: accountsWords.madeOn, cell: ({ device }) => device },
    { words: accountsWords.signsInAt, cell: ({ host }) => host, notOnPhone: true },
    { words: accountsWords.since, cell: ({ since }) => dayText(since), figures: true, notOnPhone: true },
    {
      words: accountsWords.lastUsed,
      cell: ({ lastUsed }) => (lastUsed === null ? accountsWords.notYet : dayText(lastUsed)),
      figures: true,
    },
    {
      words: '',
      cell: ({ id }) => (
        <Button variant="link" onClick={() => void remove(id)}>
          {accountsWords.removePasskey}
        </Button>
      ),
    },
  ];
  return (
    <section>
      <h2>{accountsWords.passkeys}</h2>
      <p className="soft">{accountsWords.passkeysWhy}</p>
      {passkeys.length > 0 && (
        <PlainTable className="passkeys" columns={columns} rows={passkeys} keyOf={({ id }) => id} />
      )}
      <OnClient ahead={null}>
        {hasPasskeys() ? (
          <Button variant="secondary" onClick={() => void trying(makePasskey)}>
            {accountsWords.makePasskey}
          </Button>
        ) : (
          <p className="soft">{accountsWords.noPasskeysHere}</p>
        )}
      </OnClient>
    </section>
  );
}
