'use client';
import { PERMISSIONS, READINESS, WIFI_BANDS, missingFromCustomer } from '@/core/job';
import { Choices } from '../kit/form/Choices';
import { FieldGroup } from '../kit/form/FieldGroup';
import { textField } from '../kit/form/fields';
import { useJob } from '../kit/job/JobContext';

const READY_WORDS = { ready: 'ready', missing: 'missing' } as const;
const PERMISSION_WORDS = { given: 'given', notNeeded: 'not needed', missing: 'missing' } as const;
const BAND_WORDS = { '2.4': '2.4 GHz', '5': '5 GHz', both: 'both' } as const;
const READY = READINESS.map((value) => ({ value, words: READY_WORDS[value] }));

/** Whether the customer is ready: what is missing here costs the visit. */
export function CustomerFields() {
  const { keptJob, write } = useJob();
  const { customer } = keptJob;
  const missing = missingFromCustomer(keptJob);
  return (
    <section>
      <h2>Is the customer ready?</h2>
      <p className={missing.length > 0 ? 'brick' : 'moss'}>
        {missing.length === 0
          ? 'Everything is there: the visit can be planned.'
          : `${missing.length === 1 ? 'One thing is' : `${missing.length} things are`} open: ${missing
              .map(({ words }) => words)
              .join('; ')}.`}
      </p>
      <FieldGroup
        kind="customerDescribed"
        scope={{}}
        fields={[textField('name', 'customer', customer.name), textField('wifiName', 'Wi-Fi name', customer.wifiName)]}
      />
      <Choices
        label="Wi-Fi band"
        options={WIFI_BANDS.map((value) => ({ value, words: BAND_WORDS[value] }))}
        chosen={customer.wifiBand}
        onPick={(wifiBand) => write('customerDescribed', { wifiBand })}
      />
      <div className="choice-rows">
        <Choices
          label="Wi-Fi password at hand (never written down here)"
          options={READY}
          chosen={customer.wifiPassword}
          onPick={(wifiPassword) => write('customerDescribed', { wifiPassword })}
        />
        <Choices
          label="account made and verified"
          options={READY}
          chosen={customer.account}
          onPick={(account) => write('customerDescribed', { account })}
        />
        <Choices
          label="phone charged, program and permissions on it"
          options={READY}
          chosen={customer.phone}
          onPick={(phone) => write('customerDescribed', { phone })}
        />
        <Choices
          label="landlord’s permission"
          options={PERMISSIONS.map((value) => ({ value, words: PERMISSION_WORDS[value] }))}
          chosen={customer.permission}
          onPick={(permission) => write('customerDescribed', { permission })}
        />
      </div>
    </section>
  );
}
