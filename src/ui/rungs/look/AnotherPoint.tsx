'use client';
import { lookWords } from '@/words/screens';
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

const FIELDS = [textField('name', lookWords.nameOfTheNew, undefined, { hint: lookWords.sideGate })];

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
      <summary>{lookWords.anotherDoorAtThis}</summary>
      <Choices
        label={lookWords.itIs}
        options={optionsOf(POINT_KIND_WORDS)}
        chosen={pointKind}
        onPick={(kind) => kind && setKind(kind)}
      />
      {asks && doors.length > 1 && (
        <Choices
          label={lookWords.besideWhichDoor}
          options={doors.map(({ id, name }) => ({ value: id, words: name }))}
          chosen={door.id}
          onPick={(id) => id && setWith(id)}
        />
      )}
      {asks && (
        <Choices
          label={lookWords.onTheSameChime({ name: door.name })}
          options={[
            { value: 'chime', words: lookWords.yesTheSameChime },
            { value: 'supply', words: lookWords.theTransformerByA },
            { value: 'nothing', words: lookWords.noASupplyOf },
          ]}
          chosen={shares}
          onPick={(picked) => setShares(picked ?? undefined)}
        />
      )}
      {open && asks && <WhatItWouldBe key={door.id} door={door} chosen={shares} />}
      {asks && shares === undefined ? (
        <p className="soft">{lookWords.oneAnswerDecidesWhat}</p>
      ) : (
        <AskForm
          fields={FIELDS}
          submit={lookWords.addThePoint}
          onSubmit={({ name }) => {
            const pointId = v7();
            const on = asks && shares ? { door, shares } : null;
            write('pointAdded', newPoint(keptJob, { pointId, pointKind, name, newId: v7, with: on }));
            router.push(`?point=${pointId}&rung=look`);
          }}
        />
      )}
    </details>
  );
}
