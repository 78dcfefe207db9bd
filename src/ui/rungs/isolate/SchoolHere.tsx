'use client';
import { useState } from 'react';
import { TEXT } from '@/core/kinds';
import { POLICY_MATTERS } from '@/core/policy';
import { useJob } from '../../kit/job/JobContext';

/** The school of the bell side on this job, and departing from it in words. */
export function SchoolHere() {
  const { keptJob, write } = useJob();
  const [why, setWhy] = useState('');
  const { matter, schools } = POLICY_MATTERS.bellSide;
  const now = schools.find(({ id }) => id === keptJob.policy.bellSide) ?? schools[0];
  const other = schools.find(({ id }) => id !== now.id);
  if (!other) return null;
  return (
    <details>
      <summary>
        {matter} on this job: {now.words}
        {keptJob.policyWhy.bellSide ? ` (${keptJob.policyWhy.bellSide})` : ''}
      </summary>
      <p className="soft">
        For: {now.pro} Against: {now.contra} Mains steps are never touched by this.
      </p>
      <div className="fields">
        <div className="field">
          <label htmlFor="school-why">why this job departs</label>
          <div className="box">
            <input
              id="school-why"
              value={why}
              maxLength={TEXT.short}
              onChange={(event) => setWhy(event.target.value)}
            />
          </div>
        </div>
        <button
          type="button"
          className="button"
          disabled={why.trim() === ''}
          onClick={() => {
            write('policyTaken', { bellSide: other.id, why: why.trim() });
            setWhy('');
          }}
        >
          {other.words} on this job
        </button>
      </div>
    </details>
  );
}
