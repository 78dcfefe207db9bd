'use client';
import { boardWords } from '@/words/screens';
import { answer, isSettings, isNumbered } from '@/contract/answers';
import { isNamed } from '@/contract/shapes';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v7 } from 'uuid';
import { newEntry, type NewEntry, type PointKind } from '@/core/kinds';
import { newPoint } from '@/core/points';
import { DEFAULT_REGION, REGION_PACKS } from '@/core/region';
import { call, NotTaken } from '../log/api';
import { nowIso } from '../log/clock';
import { useCrew } from '../crew/CrewContext';
import { AskForm } from '../form/AskForm';
import { Choices, optionsOf } from '../form/Choices';
import { FIRST_NAMES, POINT_KIND_WORDS } from '../points/words';
import type { DataOf } from '../form/field';
import { optional, textField } from '../form/fields';

const FIELDS = [
  textField('title', boardWords.site, undefined, { hint: boardWords.nameOfTheHouse }),
  optional(textField('address', boardWords.address, undefined)),
] as const;

/** What is asked for a new job. */
type Answers = DataOf<typeof FIELDS> & { readonly door: string };

/** Makes a job with its site and first point, and goes to it. */
export function NewJob() {
  const { who } = useCrew();
  const router = useRouter();
  const [region, setRegion] = useState<string>(DEFAULT_REGION.id);
  const [pointKind, setKind] = useState<PointKind>('doorbell');
  const [fault, setFault] = useState<string | null>(null);
  /** @returns whether it was made */
  const make = async ({ title, address, door }: Answers): Promise<boolean> => {
    const failed = (words: string): false => {
      setFault(words);
      return false;
    };
    if (!who) return failed(boardWords.sayAtTheTop);
    const id = v7();
    const at = nowIso();
    const site = { name: title, region, ...(address ? { address } : {}) };
    const entries: NewEntry[] = [
      newEntry('siteDescribed', site, { id: v7(), at, by: who }),
      newEntry('pointAdded', newPoint(null, { pointId: v7(), pointKind, name: door, newId: v7, with: null }), {
        id: v7(),
        at,
        by: who,
      }),
    ];
    try {
      // The firm's policy as it stands now goes with the job: a later change of it changes no old one
      const { policy } = await call('/settings', answer(isSettings));
      entries.push(newEntry('policyTaken', { ...policy }, { id: v7(), at, by: who }));
      await call('/jobs', answer(isNamed), { method: 'POST', body: { id, at, by: who, title } });
      await call(`/jobs/${id}/entries`, answer(isNumbered), { method: 'POST', body: { entries } });
    } catch (error) {
      if (!(error instanceof NotTaken)) throw error;
      return failed(error.message);
    }
    router.push(`/jobs/${id}`);
    return true;
  };
  return (
    <section className="new-job" aria-label={boardWords.newJob}>
      <Choices
        label={boardWords.supply}
        options={REGION_PACKS.map((pack) => ({ value: pack.id, words: pack.name }))}
        chosen={region}
        onPick={(picked) => picked && setRegion(picked)}
      />
      <Choices
        label={boardWords.theFirstPointIs}
        options={optionsOf(POINT_KIND_WORDS)}
        chosen={pointKind}
        onPick={(picked) => picked && setKind(picked)}
      />
      {/* The fields above give these answers */}
      <AskForm
        key={pointKind}
        fields={[...FIELDS, textField('door', FIRST_NAMES[pointKind].of, FIRST_NAMES[pointKind].name)]}
        submit={boardWords.makeTheJob}
        main
        onSubmit={make}
      />
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
    </section>
  );
}
