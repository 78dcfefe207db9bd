'use client';
import { boardWords } from '@/words/screens';
import { answer } from '@/contract/answers';
import { isNamed } from '@/contract/shapes';
import { FileUp } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { call, callBytes, NotTaken } from '../log/api';

/** Takes a job file in; a file that is none, or is cut off, is refused in words and nothing is written. */
export function TakeIn() {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setFault(null);
    try {
      const job = file.name.endsWith('.tar')
        ? await callBytes('/jobs/import', answer(isNamed), file)
        : await call('/jobs/import', answer(isNamed), { method: 'POST', body: await file.text() });
      router.push(`/jobs/${job.id}`);
    } catch (error) {
      if (!(error instanceof NotTaken)) throw error;
      setFault(`${file.name}: ${error.message}`);
    }
  };
  return (
    <>
      <label className="btn btn-secondary file">
        <FileUp size={18} aria-hidden="true" /> {boardWords.takeInAJob}
        <input
          type="file"
          accept="application/json,.json,application/x-tar,.tar"
          onChange={(event) => {
            void take(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </label>
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
    </>
  );
}
