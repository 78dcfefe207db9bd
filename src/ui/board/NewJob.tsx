'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v7 } from 'uuid';
import type { Settings } from '@/contract/settings';
import type { NewEntry } from '@/core/job';
import { DEFAULT_REGION, REGION_PACKS } from '@/core/region';
import { Away, Refused, call } from '../kit/api';
import { useCrew } from '../kit/crew/CrewContext';
import { AskForm } from '../kit/form/AskForm';
import { Choices } from '../kit/form/Choices';
import { textField } from '../kit/form/fields';

interface Answers {
  readonly title: string;
  readonly address?: string;
  readonly door: string;
}

const FIELDS = [
  textField('title', 'site', undefined, { hint: 'name of the house' }),
  { ...textField('address', 'address', undefined), optional: true },
  textField('door', 'door', 'Front door'),
];

/** Makes a job with its site and first point, and goes to it. */
export function NewJob() {
  const { who } = useCrew();
  const router = useRouter();
  const [region, setRegion] = useState<string>(DEFAULT_REGION.id);
  const [fault, setFault] = useState<string | null>(null);
  const make = async ({ title, address, door }: Answers) => {
    if (!who) return setFault('Say at the top who is at work, then make the job.');
    const id = v7();
    const at = new Date().toISOString();
    const site = { name: title, region, ...(address ? { address } : {}) };
    const entries: NewEntry[] = [
      { id: v7(), at, by: who, kind: 'siteDescribed', data: site },
      { id: v7(), at, by: who, kind: 'pointAdded', data: { pointId: v7(), pointKind: 'doorbell', name: door } },
    ];
    try {
      // The firm's policy as it stands now goes with the job: a later change of it changes no old one
      const { policy } = await call<Settings>('/settings');
      entries.push({ id: v7(), at, by: who, kind: 'policyTaken', data: { ...policy } });
      await call('/jobs', { method: 'POST', body: { id, at, by: who, title } });
      await call(`/jobs/${id}/entries`, { method: 'POST', body: { entries } });
    } catch (error) {
      if (!(error instanceof Away) && !(error instanceof Refused)) throw error;
      return setFault(error.message);
    }
    router.push(`/jobs/${id}`);
  };
  return (
    <section className="new-job" aria-label="New job">
      <Choices
        label="supply"
        options={REGION_PACKS.map((pack) => ({ value: pack.id, words: pack.name }))}
        chosen={region}
        onPick={(picked) => picked && setRegion(picked)}
      />
      {/* The fields above give these answers */}
      <AskForm fields={FIELDS} submit="Make the job" main onSubmit={(data) => void make(data as Answers)} />
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
    </section>
  );
}
