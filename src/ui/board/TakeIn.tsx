'use client';
import { boardWords } from '@/words/screens';
import { answer } from '@/contract/answers';
import { isNamed } from '@/contract/shapes';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { FileIn } from '../form/FileIn';
import { call, callBytes, NotTaken } from '../log/api';

/** Takes a job file in; a file that is none, or is cut off, is refused in words and nothing is written. */
export function TakeIn() {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const take = async (file: File) => {
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
      <FileIn
        label={boardWords.takeInAJob}
        accept="application/json,.json,application/x-tar,.tar"
        onFile={(file) => void take(file)}
      />
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
    </>
  );
}
