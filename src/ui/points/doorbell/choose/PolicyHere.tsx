'use client';
import { useState } from 'react';
import { TEXT } from '@/core/kinds';
import { POLICY_MATTERS, type SupplyPolicy } from '@/core/policy';
import { useDoorbell } from '../useDoorbell';
import { Pick } from '../../../kit/form/Pick';

/** The school that proposes here, and departing from the firm's on this job in words. */
export function PolicyHere({ policy }: { readonly policy: SupplyPolicy }) {
  const { keptJob, write } = useDoorbell();
  const [other, setOther] = useState(policy);
  const [why, setWhy] = useState('');
  const { schools } = POLICY_MATTERS.weakSupply;
  const now = schools.find(({ id }) => id === policy) ?? schools[0];
  return (
    <details className="policy-here">
      <summary>
        It is proposed by this school: {now.words}
        {keptJob.policyWhy.weakSupply ? ` (${keptJob.policyWhy.weakSupply})` : ''}
      </summary>
      <p className="soft">
        For: {now.pro} Against: {now.contra}
      </p>
      <div className="fields">
        <Pick
          label="another school on this job"
          options={schools.map(({ id, words }) => ({ value: id, words }))}
          chosen={other}
          onPick={setOther}
        />
        <div className="field">
          <label htmlFor="supply-why">why this job departs</label>
          <div className="box">
            <input
              id="supply-why"
              value={why}
              maxLength={TEXT.short}
              onChange={(event) => setWhy(event.target.value)}
            />
          </div>
        </div>
        <button
          type="button"
          className="button"
          disabled={why.trim() === '' || other === policy}
          onClick={() => {
            write('policyTaken', { weakSupply: other, why: why.trim() });
            setWhy('');
          }}
        >
          Propose by it here
        </button>
      </div>
    </details>
  );
}
