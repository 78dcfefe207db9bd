'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v7 } from 'uuid';
import type { PointKind } from '@/core/kinds';
import { doorsToShareWith, newPoint, type Shares } from '@/core/points';
import { AskForm } from '../../form/AskForm';
import { textField } from '../../form/fields';
import { WhatItWouldBe } from './WhatItWouldBe';
import { Choices, optionsOf } from '../../form/Choices';
import { useJob } from '../../log/JobContext';
import { POINT_KIND_WORDS } from '../../points/words';

const FIELDS = [textField('name', 'name of the new point', undefined, { hint: 'Side gate' })];

/** A further point at the same site, with a ladder of its own; a door says what it hangs on. */
export function AnotherPoint() {
  const { keptJob, write } = useJob();
  const router = useRouter();
  const [pointKind, setKind] = useState<PointKind>('doorbell');
  const [open, setOpen] = useState(false);
  const doors = doorsToShareWith(keptJob, pointKind);
  const [withId, setWith] = useState<string | undefined>(undefined);
  const door = doors.find(({ id }) => id === withId) ?? doors[0];
  const [shares, setShares] = useState<Shares | undefined>(undefined);
  const asks = door !== undefined;
  return (
    <details onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>Another door at this site, or a floodlight</summary>
      <Choices
        label="it is"
        options={optionsOf(POINT_KIND_WORDS)}
        chosen={pointKind}
        onPick={(kind) => kind && setKind(kind)}
      />
      {asks && doors.length > 1 && (
        <Choices
          label="beside which door"
          options={doors.map(({ id, name }) => ({ value: id, words: name }))}
          chosen={door.id}
          onPick={(id) => id && setWith(id)}
        />
      )}
      {asks && (
        <Choices
          label={`on the same chime and transformer as ${door.name}?`}
          options={[
            { value: 'chime', words: 'yes, the same chime' },
            { value: 'supply', words: 'the transformer, by a chime of its own' },
            { value: 'nothing', words: 'no, a supply of its own' },
          ]}
          chosen={shares}
          onPick={(picked) => setShares(picked ?? undefined)}
        />
      )}
      {open && asks && <WhatItWouldBe key={door.id} door={door} chosen={shares} />}
      {asks && shares === undefined ? (
        <p className="soft">One answer decides what is asked again: nameplate, chime and circuit stand once.</p>
      ) : (
        <AskForm
          fields={FIELDS}
          submit="Add the point"
          onSubmit={(data) => {
            if (!('name' in data)) return;
            const pointId = v7();
            const on = asks && shares ? { door, shares } : null;
            const name = String(data.name);
            write('pointAdded', newPoint(keptJob, { pointId, pointKind, name, newId: v7, with: on }));
            router.push(`?point=${pointId}&rung=look`);
          }}
        />
      )}
    </details>
  );
}
