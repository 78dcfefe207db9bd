'use client';
import { boardWords } from '@/words/screens';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v7 } from 'uuid';
import type { PointKind, Stated } from '@/core/kinds';
import { newPoint } from '@/core/points';
import { DEFAULT_REGION, REGION_PACKS } from '@/core/region';
import { NotTaken } from '../log/api';
import { makeJob } from '../log/makeJob';
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
    const stated: readonly Stated[] = [
      { kind: 'siteDescribed', data: { name: title, region, ...(address ? { address } : {}) } },
      {
        kind: 'pointAdded',
        data: newPoint(null, { pointId: v7(), pointKind, name: door, newId: v7, with: null }),
      },
    ];
    try {
      router.push(`/jobs/${await makeJob(title, who, stated)}`);
    } catch (error) {
      if (!(error instanceof NotTaken)) throw error;
      return failed(error.message);
    }
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
