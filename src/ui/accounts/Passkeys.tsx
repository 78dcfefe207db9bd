'use client';
import { accountsWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { Button } from 'react-bootstrap';
import { answer, isSettings } from '@/contract/answers';
import type { Account } from '@/contract/accounts';
import type { PasskeyView } from '@/contract/passkeys';
import { isAnything } from '@/contract/accountAnswers';
import { Yes } from '../form/Yes';
import { OnClient } from '../frame/OnClient';
import { call } from '../log/api';
import { PlainTable, type PlainColumn } from '../table/PlainTable';
import { hasPasskeys, makePasskey } from './passkeys';

const dayText = (iso: string): string => format(parseISO(iso), 'd MMM yyyy HH:mm');

interface Props {
  readonly passkeys: readonly PasskeyView[];
  readonly accounts: readonly Account[];
  readonly showsWhose: boolean;
  /** Whether a passphrase alone lets nobody in; null: whoever looks has no say in it. */
  readonly isDemanded: boolean | null;
  readonly trying: (act: () => Promise<unknown>) => Promise<string | null>;
}

/** Passkeys: a finger or a face in the place of name and passphrase. */
export function Passkeys({ passkeys, accounts, showsWhose, isDemanded, trying }: Props) {
  const nameOf = (id: string): string => accounts.find((one) => one.id === id)?.name ?? '';
  const remove = (id: string) =>
    trying(() => call(`/session/passkeys/${encodeURIComponent(id)}`, answer(isAnything), { method: 'DELETE' }));
  const demand = (passkeyDemanded: boolean) =>
    trying(() => call('/settings', answer(isSettings), { method: 'POST', body: { passkeyDemanded } }));
  const without = accounts.filter(
    ({ id, endedAt }) => endedAt === null && passkeys.every((one) => one.accountId !== id),
  );
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
      <MakeOne onMake={() => void trying(makePasskey)} />
      {isDemanded !== null && (
        <div className="block-top">
          <Yes words={accountsWords.demandPasskeys} yes={isDemanded} onTurn={(demanded) => void demand(demanded)} />
          <p className="soft">{accountsWords.demandWhy}</p>
          {without.length > 0 && (
            <p>{accountsWords.withoutPasskey({ names: without.map(({ name }) => name).join(', ') })}</p>
          )}
        </div>
      )}
    </section>
  );
}

function MakeOne({ onMake, isFirst = false }: { readonly onMake: () => void; readonly isFirst?: boolean }) {
  return (
    <OnClient ahead={null}>
      {hasPasskeys() ? (
        <Button variant={isFirst ? 'primary' : 'secondary'} onClick={onMake}>
          {accountsWords.makePasskey}
        </Button>
      ) : (
        <p className="soft">{accountsWords.noPasskeysHere}</p>
      )}
    </OnClient>
  );
}

/** In the place of all else, for whoever has no passkey where the firm demands one. */
export function PasskeyFirst({ trying }: Pick<Props, 'trying'>) {
  const make = async (): Promise<void> => {
    await makePasskey();
    // The whole program anew: it is open now
    window.location.assign('/');
  };
  return (
    <section>
      <h2>{accountsWords.passkeyFirst}</h2>
      <p>{accountsWords.passkeyFirstWhy}</p>
      <MakeOne isFirst onMake={() => void trying(make)} />
    </section>
  );
}
