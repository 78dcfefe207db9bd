'use client';
import { jobWords } from '@/words/screens';
import { answer, isNumbered } from '@/contract/answers';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 } from 'uuid';
import type { JobHead } from '@/core/job';
import { newEntry, type PointKind } from '@/core/kinds';
import { newPoint } from '@/core/points';
import { call, NotTaken } from '../log/api';
import { nowIso } from '../log/clock';
import { useCrew } from '../crew/CrewContext';
import { AskForm } from '../form/AskForm';
import { Choices, optionsOf } from '../form/Choices';
import { textField } from '../form/fields';
import { FIRST_NAMES, POINT_KIND_WORDS } from '../points/words';

/** A job without a point says what to do first: which kind, and its name. */
export function FirstPoint({ head }: { readonly head: JobHead }) {
  const { who } = useCrew();
  const client = useQueryClient();
  const [pointKind, setKind] = useState<PointKind>('doorbell');
  const [fault, setFault] = useState<string | null>(null);
  /** @returns whether it was added */
  const add = async ({ name }: { readonly name: string }): Promise<boolean> => {
    const failed = (words: string): false => {
      setFault(words);
      return false;
    };
    if (!who) return failed(jobWords.sayAtTheTop);
    const added = newPoint(null, { pointId: v7(), pointKind, name, newId: v7, with: null });
    const entry = newEntry('pointAdded', added, { id: v7(), at: nowIso(), by: who });
    try {
      await call(`/jobs/${head.id}/entries`, answer(isNumbered), { method: 'POST', body: { entries: [entry] } });
    } catch (error) {
      if (!(error instanceof NotTaken)) throw error;
      return failed(error.message);
    }
    await client.invalidateQueries({ queryKey: ['entries', head.id] });
    return true;
  };
  return (
    <main id="main" className="page">
      <h1>{head.title}</h1>
      <p>{jobWords.thisJobHasNo}</p>
      <Choices
        label={jobWords.itIs}
        options={optionsOf(POINT_KIND_WORDS)}
        chosen={pointKind}
        onPick={(picked) => picked && setKind(picked)}
      />
      <AskForm
        about={head.id}
        key={pointKind}
        fields={[textField('name', jobWords.nameOfThePoint, FIRST_NAMES[pointKind].name)]}
        submit={jobWords.addThePoint}
        main
        onSubmit={add}
      />
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
    </main>
  );
}
