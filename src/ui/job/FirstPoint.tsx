'use client';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 } from 'uuid';
import type { JobHead } from '@/core/job';
import { Away, Refused, call } from '../kit/api';
import { useCrew } from '../kit/crew/CrewContext';

/** A job without a point says what to do first: name the door. */
export function FirstPoint({ head }: { readonly head: JobHead }) {
  const { who } = useCrew();
  const client = useQueryClient();
  const [name, setName] = useState('Front door');
  const [fault, setFault] = useState<string | null>(null);
  const add = async () => {
    if (!who || name.trim() === '') return setFault(who ? 'Name the door.' : 'Say at the top who is at work.');
    const data = { pointId: v7(), pointKind: 'doorbell', name: name.trim().slice(0, 120) };
    const entry = { id: v7(), at: new Date().toISOString(), by: who, kind: 'pointAdded', data };
    try {
      await call(`/jobs/${head.id}/entries`, { method: 'POST', body: { entries: [entry] } });
    } catch (error) {
      if (!(error instanceof Away) && !(error instanceof Refused)) throw error;
      return setFault(error.message);
    }
    await client.invalidateQueries({ queryKey: ['entries', head.id] });
  };
  return (
    <main className="page">
      <h1>{head.title}</h1>
      <p>This job has no point yet. Which door gets the doorbell?</p>
      <form
        className="row-of"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <div className={`field${fault ? ' wrong' : ''}`}>
          <label htmlFor="first-point">name of the door</label>
          <div className="box">
            <input id="first-point" value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
          </div>
          {fault && (
            <div className="fault" role="alert">
              {fault}
            </div>
          )}
        </div>
        <button type="submit" className="button main">
          Add the door
        </button>
      </form>
    </main>
  );
}
