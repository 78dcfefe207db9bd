'use client';
import { useRouter } from 'next/navigation';
import { v7 } from 'uuid';
import { AskForm } from '../kit/form/AskForm';
import { textField } from '../kit/form/fields';
import { useJob } from '../kit/job/JobContext';

const FIELDS = [textField('name', 'name of another door here', undefined, { hint: 'Side gate' })];

/** A further door at the same site, with a ladder of its own. */
export function AnotherPoint() {
  const { write } = useJob();
  const router = useRouter();
  return (
    <details>
      <summary>Another door at this site</summary>
      <AskForm
        fields={FIELDS}
        submit="Add the door"
        onSubmit={(data) => {
          if (!('name' in data)) return;
          const pointId = v7();
          write('pointAdded', { pointId, pointKind: 'doorbell', name: String(data.name) });
          router.push(`?point=${pointId}&rung=look`);
        }}
      />
    </details>
  );
}
