'use client';
import Link from 'next/link';
import { missingFromCustomer } from '@/core/job';
import { PERMISSIONS, READINESS, WIFI_BANDS, type EntryData } from '@/core/kinds';
import { Choices } from '../../kit/form/Choices';
import { FieldGroup } from '../../kit/form/FieldGroup';
import { textField } from '../../kit/form/fields';
import { useJob } from '../../kit/job/JobContext';
import { VisitTime } from './VisitTime';

const READY_WORDS = { ready: 'ready', missing: 'missing' } as const;
const PERMISSION_WORDS = { given: 'given', notNeeded: 'not needed', missing: 'missing' } as const;
const BAND_WORDS = { '2.4': '2.4 GHz', '5': '5 GHz', both: 'both' } as const;
const READY = READINESS.map((value) => ({ value, words: READY_WORDS[value] }));

type Ready = 'someoneHome' | 'wifiPassword' | 'account' | 'phone' | 'pointNames' | 'recording';
const QUESTIONS: readonly (readonly [Ready, string])[] = [
  ['someoneHome', 'somebody at home then'],
  ['wifiPassword', 'Wi-Fi password at hand (never written down here)'],
  ['account', 'account made and verified'],
  ['phone', 'phone charged, program and permissions on it'],
  ['pointNames', 'names of the points agreed'],
  ['recording', 'recording and its cost talked about'],
];

/** Whether the customer is ready: gone through once, by the office or the customer, in a few taps. */
export function BeforeArea() {
  const { keptJob, write } = useJob();
  const { customer } = keptJob;
  const missing = missingFromCustomer(keptJob);
  const known = missing.filter(({ state }) => state === 'missing');
  const asked = missing.length - known.length;
  const ready = Object.fromEntries(
    QUESTIONS.filter(([name]) => customer[name] === undefined).map(([name]) => [name, 'ready']),
  );
  return (
    <section>
      <div className="head-row">
        <h2>Is the customer ready?</h2>
        <Link className="button" href={`/jobs/${keptJob.id}/before`}>
          Page for the customer
        </Link>
      </div>
      <p className={missing.length > 0 ? 'brick' : 'moss'}>
        {missing.length === 0
          ? 'Everything is there: the visit can be planned.'
          : [...known.map(({ words }) => words), ...(asked > 0 ? [`${asked} not asked yet`] : [])].join('. ')}
        {missing.length > 0 && '.'}
      </p>
      <div className="choice-rows halves">
        {QUESTIONS.map(([name, words]) => (
          <Choices
            key={name}
            label={words}
            options={READY}
            chosen={customer[name]}
            onPick={(state) => write('customerDescribed', answer(name, state))}
          />
        ))}
        <Choices
          label="landlord’s permission"
          options={PERMISSIONS.map((value) => ({ value, words: PERMISSION_WORDS[value] }))}
          chosen={customer.permission}
          onPick={(permission) => write('customerDescribed', { permission })}
        />
        <Choices
          label="Wi-Fi band"
          options={WIFI_BANDS.map((value) => ({ value, words: BAND_WORDS[value] }))}
          chosen={customer.wifiBand}
          onPick={(wifiBand) => write('customerDescribed', { wifiBand })}
        />
      </div>
      {Object.keys(ready).length > 1 && (
        <button type="button" className="button" onClick={() => write('customerDescribed', ready)}>
          All that was not asked yet is ready
        </button>
      )}
      <div className="block-top">
        <FieldGroup
          kind="customerDescribed"
          scope={{}}
          fields={[
            textField('name', 'customer', customer.name),
            textField('wifiName', 'Wi-Fi name', customer.wifiName),
            textField('owner', 'who owns the device', customer.owner),
            textField('sharers', 'who shares it', customer.sharers),
          ]}
        />
        <VisitTime />
      </div>
    </section>
  );
}

const answer = (name: Ready, state: 'ready' | 'missing' | null): EntryData<'customerDescribed'> => ({ [name]: state });
