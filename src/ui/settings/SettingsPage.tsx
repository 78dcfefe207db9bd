'use client';
import { settingsWords } from '@/words/screens';
import { Form } from 'react-bootstrap';
import { useSay } from '../log/useSay';
import { answer, isSettings } from '@/contract/answers';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { AWAY_DAYS } from '@/contract/keptHere';
import { isOwnMachine, type Settings, type SettingsRequest } from '@/contract/settings';
import { POLICY_IDS, POLICY_MATTERS, type Policy } from '@/core/policy';
import { call, NotTaken } from '../log/api';
import { useCrew } from '../crew/CrewContext';
import { Pick } from '../form/Pick';
import { AskForm } from '../form/AskForm';
import { figureField, optional, textField } from '../form/fields';
import { Yes } from '../form/Yes';
import { Backup } from './Backup';
import { WholeFirm } from './WholeFirm';

const NO_CURRENCY = 'none';
const AWAY_RULE = { unit: 'days', unitWords: ['d', 'day', 'days'], ...AWAY_DAYS };

interface Props {
  readonly first: Settings;
  readonly currencies: readonly { readonly code: string; readonly name: string }[];
  /** Whoever looks may keep the firm’s data, and take all of them out. */
  readonly isOffice: boolean;
}

/** The firm's policy, matter by matter with what speaks for and against each school, and the simulated devices. */
export function SettingsPage({ first, currencies, isOffice }: Props) {
  const router = useRouter();
  const [settings, setSettings] = useState(first);
  const [fault, setFault] = useState<string | null>(null);
  const { crew, license, isSigned } = useCrew();
  /** @returns whether it was taken */
  const trying = async (act: () => Promise<void>): Promise<boolean> => {
    try {
      await act();
      setFault(null);
      return true;
    } catch (error) {
      if (!(error instanceof NotTaken)) throw error;
      setFault(settingsWords.nothingWasChanged({ message: error.message }));
      return false;
    }
  };
  const change = (said: SettingsRequest) =>
    trying(async () => setSettings(await call('/settings', answer(isSettings), { method: 'POST', body: said })));
  return (
    <main id="main" className="page settings">
      <h1>{settingsWords.settings}</h1>
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
      <h2 className="block-top">{settingsWords.theFirmsPolicy}</h2>
      <p className="soft">{settingsWords.goodPractitionersDifferHere}</p>
      {POLICY_IDS.map((matter) => (
        <Matter
          key={matter}
          matter={matter}
          chosen={settings.policy[matter]}
          onPick={(school) => void change({ policy: { [matter]: school } })}
        />
      ))}
      <h2 className="block-top">{settingsWords.crew}</h2>
      <p className="soft">{settingsWords.whoHoldsALicence}</p>
      {crew.map((person) => (
        <Yes
          key={person.id}
          words={settingsWords.holdsALicence({ name: person.name })}
          yes={person.licensed}
          onTurn={(licensed) => void trying(() => license(person, licensed))}
        />
      ))}
      <h2 className="block-top">{settingsWords.money}</h2>
      <div className="fields">
        <Pick
          label={settingsWords.currencyOfParts}
          options={[
            { value: NO_CURRENCY, words: settingsWords.noCurrency },
            ...currencies.map(({ code, name }) => ({ value: code, words: `${code}, ${name}` })),
          ]}
          chosen={settings.currency === '' ? NO_CURRENCY : settings.currency}
          onPick={(code) => void change({ currency: code === NO_CURRENCY ? '' : code }).then(() => router.refresh())}
        />
      </div>
      <h2 className="block-top">{settingsWords.addressTitle}</h2>
      <p className="soft">{settingsWords.addressFor}</p>
      <AskForm
        key={settings.address}
        fields={[
          optional({
            ...textField('address', settingsWords.address, settings.address),
            hint: settingsWords.addressHint,
          }),
        ]}
        submit={settingsWords.keepTheAddress}
        onSubmit={({ address }) => change({ address: (address ?? '').replace(/\/+$/, '') })}
      />
      {settings.address !== '' && isOwnMachine(settings.address) && (
        <p className="caution">{settingsWords.onlyThisMachine}</p>
      )}
      <h2 className="block-top">{settingsWords.simulatedDevices}</h2>
      <Yes
        words={settingsWords.aSimulatedMeterAnd}
        yes={settings.simulatedDevices}
        onTurn={(simulatedDevices) => void change({ simulatedDevices })}
      />
      <p className="soft">{settingsWords.whatTheyGiveIs}</p>
      <h2 className="block-top">{settingsWords.whoMaySignIn}</h2>
      <p>
        <Link href="/accounts">{settingsWords.toTheAccounts}</Link>
      </p>
      {isSigned && (
        <>
          <p className="soft">{settingsWords.awayWhy}</p>
          <AskForm
            key={settings.awayDays}
            fields={[figureField('awayDays', settingsWords.awayDays, AWAY_RULE, settings.awayDays)]}
            submit={settingsWords.keepTheDays}
            onSubmit={({ awayDays }) => change({ awayDays })}
          />
        </>
      )}
      {isOffice && (
        <>
          <Backup settings={settings} change={change} />
          <WholeFirm />
        </>
      )}
      <h2 className="block-top">{settingsWords.thisDevice}</h2>
      <p>
        <Link href="/outbox">{settingsWords.toTheOutbox}</Link>
      </p>
    </main>
  );
}

interface MatterProps {
  readonly matter: keyof Policy;
  readonly chosen: string;
  readonly onPick: (school: string) => void;
}

function Matter({ matter, chosen, onPick }: MatterProps) {
  const say = useSay();
  const { matter: words, acts, schools } = POLICY_MATTERS[matter];
  return (
    <fieldset className="matter">
      <legend>
        <b>{say(words)}</b> <span className="soft small">{settingsWords.actsOn({ acts: say(acts) })}</span>
      </legend>
      {schools.map((school, i) => (
        <Form.Check
          key={school.id}
          type="radio"
          id={`${matter}-${school.id}`}
          className="school"
          name={matter}
          checked={school.id === chosen}
          onChange={() => onPick(school.id)}
          label={
            <>
              <b>{say(school.words)}</b>
              {i === 0 && <span className="soft"> {settingsWords.defaultWord}</span>}
              <span className="block small">
                {settingsWords.forAgainst({ pro: say(school.pro), contra: say(school.contra) })}
              </span>
            </>
          }
        />
      ))}
    </fieldset>
  );
}
