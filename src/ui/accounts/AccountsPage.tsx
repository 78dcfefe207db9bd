'use client';
import { accountsWords } from '@/words/screens';
import { useQuery } from '@tanstack/react-query';
import { format, parseISO } from 'date-fns';
import { useCallback, useState, type ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { v7 } from 'uuid';
import { answer, isSettings } from '@/contract/answers';
import {
  isAccountList,
  isAnything,
  isAuditList,
  isMadeAccount,
  isNewCode,
  isOneAccount,
  isSessionList,
  type NewCode,
} from '@/contract/accountAnswers';
import { ASKED_AGAIN, ROLES, type Account, type AuditLine, type Role, type SessionView } from '@/contract/accounts';
import { isPasskeyList, type PasskeyView } from '@/contract/passkeys';
import { Pick } from '../form/Pick';
import { PlainPick } from '../form/PlainPick';
import { call, NotTaken, Refused } from '../log/api';
import { useCrew } from '../crew/CrewContext';
import { PlainTable, type PlainColumn } from '../table/PlainTable';
import { AgainDialog } from './AgainDialog';
import { OwnPassphrase } from './OwnPassphrase';
import { PasskeyFirst, Passkeys } from './Passkeys';
import { SecretForm } from './SecretForm';

const ROLE_OPTIONS = ROLES.map((value) => ({ value, words: accountsWords.roles[value] }));
const NOBODY = 'new';

const timeText = (iso: string): string => format(parseISO(iso), 'd MMM yyyy HH:mm');

interface Props {
  /** Who is signed in; null where nobody signs in here. */
  readonly own: Account | null;
  /** Nothing else opens before they have made a passkey. */
  readonly isHeld: boolean;
}

interface Firm {
  readonly accounts: readonly Account[];
  readonly sessions: readonly SessionView[];
  readonly passkeys: readonly PasskeyView[];
  readonly lines: readonly AuditLine[];
  /** Whether a passphrase alone lets nobody in; null: whoever asks has no say in it. */
  readonly isDemanded: boolean | null;
}
const NOTHING: Firm = { accounts: [], sessions: [], passkeys: [], lines: [], isDemanded: null };

/** What the server knows of accounts and devices, as far as whoever asks may see it. */
async function asked(own: Account | null, isHeld: boolean): Promise<Firm> {
  if (own && isHeld) return { ...NOTHING, accounts: [own] };
  const isOffice = own === null || own.role === 'office';
  const { sessions } = own ? await call('/sessions', answer(isSessionList)) : NOTHING;
  const { passkeys } = own ? await call('/session/passkeys', answer(isPasskeyList)) : NOTHING;
  if (!isOffice) return { ...NOTHING, accounts: [own], sessions, passkeys };
  const { accounts } = await call('/accounts', answer(isAccountList));
  const { lines } = await call('/audit', answer(isAuditList));
  const isDemanded = own && (await call('/settings', answer(isSettings))).passkeyDemanded;
  return { accounts, sessions, passkeys, lines, isDemanded };
}

/** Who may sign in, on which devices they are, and what was done. */
export function AccountsPage({ own, isHeld }: Props) {
  const { data, error, refetch } = useQuery({
    queryKey: ['accounts', own?.id ?? ''],
    queryFn: () => asked(own, isHeld),
  });
  const [refused, setRefused] = useState<string | null>(null);
  /** What waits for the passphrase to be said again. */
  const [held, setHeld] = useState<{ readonly act: () => Promise<unknown> } | null>(null);
  /** @returns a sentence where it was not taken */
  const trying = useCallback(
    async (act: () => Promise<unknown>): Promise<string | null> => {
      try {
        await act();
        await refetch();
        setRefused(null);
        return null;
      } catch (cause) {
        if (!(cause instanceof NotTaken)) throw cause;
        if (cause instanceof Refused && cause.problem.errors.some(({ path }) => path === ASKED_AGAIN)) {
          setHeld({ act });
          return accountsWords.againFirst;
        }
        const sentence = accountsWords.nothingWasChanged({ message: cause.message });
        setRefused(sentence);
        return sentence;
      }
    },
    [refetch],
  );
  const { accounts, sessions, passkeys, lines, isDemanded } = data ?? NOTHING;
  const fault = refused ?? error?.message;
  const isOffice = own === null || own.role === 'office';
  return (
    <main id="main" className="page accounts">
      <h1>{accountsWords.accounts}</h1>
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
      {own && isHeld && <PasskeyFirst trying={trying} />}
      {own && !isHeld && <Devices sessions={sessions} accounts={accounts} showsWhose={isOffice} trying={trying} />}
      {!own && <p className="soft">{accountsWords.notHere}</p>}
      {own && !isHeld && (
        <Passkeys
          passkeys={passkeys}
          accounts={accounts}
          showsWhose={isOffice}
          isDemanded={isDemanded}
          trying={trying}
        />
      )}
      {own && !isHeld && <OwnPassphrase />}
      {isOffice && !isHeld && <People accounts={accounts} own={own} trying={trying} />}
      {isOffice && !isHeld && <Done lines={lines} />}
      {held && (
        <AgainDialog
          onClose={() => setHeld(null)}
          onSaid={() => {
            setHeld(null);
            void trying(held.act);
          }}
        />
      )}
    </main>
  );
}

type Trying = (act: () => Promise<unknown>) => Promise<string | null>;

interface DevicesProps {
  readonly sessions: readonly SessionView[];
  readonly accounts: readonly Account[];
  readonly showsWhose: boolean;
  readonly trying: Trying;
}

function Devices({ sessions, accounts, showsWhose, trying }: DevicesProps) {
  const [code, setCode] = useState<NewCode | null>(null);
  const nameOf = (id: string): string => accounts.find((one) => one.id === id)?.name ?? '';
  const end = (id: string) => trying(() => call(`/sessions/${id}`, answer(isAnything), { method: 'DELETE' }));
  const columns: readonly PlainColumn<SessionView>[] = [
    ...(showsWhose ? [{ words: accountsWords.whose, cell: ({ accountId }: SessionView) => nameOf(accountId) }] : []),
    {
      words: accountsWords.device,
      cell: ({ device, isThis }) => (
        <>
          {device} {isThis && <b>{accountsWords.thisOne}</b>}
        </>
      ),
    },
    { words: accountsWords.since, cell: ({ since }) => timeText(since), figures: true, notOnPhone: true },
    { words: accountsWords.lastSeen, cell: ({ lastSeen }) => timeText(lastSeen), figures: true },
    {
      words: '',
      cell: ({ id, isThis }) =>
        !isThis && (
          <Button variant="link" onClick={() => void end(id)}>
            {accountsWords.endIt}
          </Button>
        ),
    },
  ];
  const another = () =>
    trying(async () => setCode(await call('/session/device', answer(isNewCode), { method: 'POST', body: {} })));
  return (
    <section>
      <h2>{accountsWords.yourDevices}</h2>
      <PlainTable className="devices" columns={columns} rows={sessions} keyOf={({ id }) => id} />
      <Button variant="secondary" onClick={() => void another()}>
        {accountsWords.anotherDevice}
      </Button>
      {code && <Code code={code.code}>{accountsWords.typeThere({ until: timeText(code.expiresAt) })}</Code>}
    </section>
  );
}

/** A code as it is read off a screen and typed on another. */
function Code({ code, children }: { readonly code: string; readonly children: ReactNode }) {
  return (
    <div className="code-shown" role="status">
      <code>{code}</code>
      <p>{children}</p>
    </div>
  );
}

interface PeopleProps {
  readonly accounts: readonly Account[];
  readonly own: Account | null;
  readonly trying: Trying;
}

function People({ accounts, own, trying }: PeopleProps) {
  const { crew } = useCrew();
  const [role, setRole] = useState<Role>('installer');
  const [personId, setPersonId] = useState(NOBODY);
  const [shown, setShown] = useState<{ readonly name: string; readonly code: NewCode } | null>(null);
  const change = (id: string, body: object) =>
    trying(() => call(`/accounts/${id}`, answer(isOneAccount), { method: 'POST', body }));
  const codeFor = ({ id, name }: Account) =>
    trying(async () =>
      setShown({ name, code: await call(`/accounts/${id}/code`, answer(isNewCode), { method: 'POST', body: {} }) }),
    );
  const make = ({ name }: { readonly name: string }) =>
    trying(async () => {
      const body = { id: v7(), name, role, ...(personId === NOBODY ? {} : { personId }) };
      const { account, code } = await call('/accounts', answer(isMadeAccount), { method: 'POST', body });
      setShown({ name: account.name, code });
      setPersonId(NOBODY);
    });
  const columns: readonly PlainColumn<Account>[] = [
    {
      words: accountsWords.name,
      cell: ({ name, endedAt }) => (
        <>
          <b>{name}</b>
          {endedAt !== null && <span className="block soft small">{accountsWords.ended}</span>}
        </>
      ),
    },
    {
      words: accountsWords.mayDo,
      cell: (account) => (
        <PlainPick
          name={`${accountsWords.mayDo}, ${account.name}`}
          options={ROLE_OPTIONS}
          chosen={account.role}
          onPick={(next) => void change(account.id, { role: next })}
        />
      ),
    },
    {
      words: '',
      cell: (account) => (
        <span className="row-of">
          <Button variant="link" onClick={() => void codeFor(account)}>
            {accountsWords.newCode}
          </Button>
          {account.id !== own?.id && (
            <Button
              variant="link"
              onClick={() => void change(account.id, { ended: account.endedAt === null ? 'now' : 'not' })}
            >
              {account.endedAt === null ? accountsWords.endAccount : accountsWords.letIn}
            </Button>
          )}
        </span>
      ),
    },
  ];
  const free = crew.filter(({ id }) => !accounts.some((one) => one.personId === id));
  return (
    <section>
      <h2 className="block-top">{accountsWords.people}</h2>
      <p className="soft">{accountsWords.rolesMean}</p>
      <PlainTable className="people" columns={columns} rows={accounts} keyOf={({ id }) => id} />
      {shown && (
        <Code code={shown.code.code}>
          {accountsWords.newCodeFor({ name: shown.name, until: timeText(shown.code.expiresAt) })}
        </Code>
      )}
      <h3>{accountsWords.makeAnAccount}</h3>
      <SecretForm
        fields={[{ name: 'name', label: accountsWords.name, autoComplete: 'off' }]}
        submit={accountsWords.makeAnAccount}
        onSend={make}
      >
        <div className="fields">
          <Pick label={accountsWords.role} options={ROLE_OPTIONS} chosen={role} onPick={setRole} />
          <Pick
            label={accountsWords.who}
            options={[
              { value: NOBODY, words: accountsWords.somebodyNew },
              ...free.map(({ id, name }) => ({ value: id, words: name })),
            ]}
            chosen={personId}
            onPick={setPersonId}
          />
        </div>
      </SecretForm>
    </section>
  );
}

/** What has to be told later. */
/** Who did it: whoever sat at the machine has no account, and a customer has a link. */
const byText = ({ by, what }: AuditLine): string =>
  by !== '' ? by : what === 'shareOpened' ? accountsWords.byALink : accountsWords.atTheMachine;

const LINE_COLUMNS: readonly PlainColumn<AuditLine>[] = [
  { words: accountsWords.when, cell: ({ at }) => timeText(at), figures: true },
  { words: accountsWords.by, cell: byText },
  {
    words: accountsWords.what,
    cell: ({ what, detail }) => (
      <>
        {accountsWords.audited[what] ?? what}
        {detail !== '' && <span className="block soft small">{detail}</span>}
      </>
    ),
  },
];

function Done({ lines }: { readonly lines: readonly AuditLine[] }) {
  return (
    <section>
      <h2 className="block-top">{accountsWords.done}</h2>
      <p className="soft">{accountsWords.doneWhy}</p>
      <PlainTable className="done" columns={LINE_COLUMNS} rows={lines} keyOf={({ at }, i) => `${at} ${i}`} />
    </section>
  );
}
