'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v7 } from 'uuid';
import type { PointKind } from '@/core/job';
import { AskForm } from '../kit/form/AskForm';
import { textField } from '../kit/form/fields';
import { Choices } from '../kit/form/Choices';
import { useJob } from '../kit/job/JobContext';

const FIELDS = [textField('name', 'name of the new point', undefined, { hint: 'Side gate' })];
const KINDS: readonly { readonly value: PointKind; readonly words: string }[] = [
  { value: 'doorbell', words: 'a doorbell' },
  { value: 'floodlight', words: 'a floodlight camera' },
];

/** A further point at the same site, with a ladder of its own. */
export function AnotherPoint() {
  const { write } = useJob();
  const router = useRouter();
  const [pointKind, setKind] = useState<PointKind>('doorbell');
  return (
    <details>
      <summary>Another door at this site, or a floodlight</summary>
      <Choices label="it is" options={KINDS} chosen={pointKind} onPick={(kind) => kind && setKind(kind)} />
      <AskForm
        fields={FIELDS}
        submit="Add the point"
        onSubmit={(data) => {
          if (!('name' in data)) return;
          const pointId = v7();
          write('pointAdded', { pointId, pointKind, name: String(data.name) });
          router.push(`?point=${pointId}&rung=look`);
        }}
      />
    </details>
  );
}
