'use client';
import { yardWords } from '@/words/screens';
import { useState } from 'react';
import { v7 } from 'uuid';
import type { EntryData } from '@/core/kinds';
import { AskForm } from '../../form/AskForm';
import { Choices } from '../../form/Choices';
import { useFacts } from '../../form/useFacts';
import { optional } from '../../form/fields';
import { useJob } from '../../log/JobContext';

type What = NonNullable<EntryData<'targetPlaced'>['what']>;
type Stands = NonNullable<EntryData<'obstacleStands'>['stands']>;

/** What each target is usually wanted for: what is the neighbour’s or the street’s stays out. */
const USUALLY: Readonly<Record<What, NonNullable<EntryData<'targetPlaced'>['wants']>>> = {
  gate: 'recognise',
  door: 'recognise',
  path: 'observe',
  car: 'observe',
  bins: 'detect',
  window: 'out',
  street: 'out',
  garden: 'out',
  other: 'observe',
};
const WHATS = Object.keys(USUALLY) as readonly What[];
/** Usual sizes: along the wall, away from it, up; metres. */
const SIZES: Readonly<Record<Stands, readonly [number, number, number]>> = {
  car: [4.4, 1.8, 1.5],
  shed: [2, 2, 2.2],
  hedge: [3, 0.8, 1.6],
  wall: [4, 0.2, 1.8],
  vent: [0.3, 0.3, 2],
  other: [1, 1, 1.5],
};
const STANDS = Object.keys(SIZES) as readonly Stands[];

/** Puts something that is to be seen, or stands in the way, on the plan: what, how far, how much to the side. */
export function PlaceForm({ name }: { readonly name: (what: string) => string }) {
  const { kept, write } = useJob();
  const [what, setWhat] = useState<What | Stands | null>(null);
  const [inTheWay, setInTheWay] = useState(false);
  const scope = { pointId: kept.id };
  const { typed } = useFacts('targetPlaced', { ...scope, targetId: '' }, {});
  const options = (all: readonly (What | Stands)[]) => all.map((value) => ({ value, words: name(value) }));
  const placed = (where: { distanceM?: number | null; turnDeg?: number | null }) => {
    const id = v7();
    const at = { ...where, turnDeg: where.turnDeg ?? 0, how: 'paced' as const };
    const stands = STANDS.find((one) => one === what);
    const seen = WHATS.find((one) => one === what);
    if (inTheWay && stands) {
      const [widthM, depthM, tallM] = SIZES[stands];
      write('obstacleStands', { ...scope, obstacleId: id, stands, ...at, widthM, depthM, tallM });
    } else if (seen) write('targetPlaced', { ...scope, targetId: id, what: seen, ...at, wants: USUALLY[seen] });
    setWhat(null);
  };
  return (
    <div className="block-top">
      <Choices
        label={yardWords.toBeSeen}
        options={options(WHATS)}
        chosen={inTheWay ? undefined : (what ?? undefined)}
        onPick={(picked) => {
          setInTheWay(false);
          setWhat(picked);
        }}
      />
      <Choices
        label={yardWords.inTheWay}
        options={options(STANDS)}
        chosen={inTheWay ? (what ?? undefined) : undefined}
        onPick={(picked) => {
          setInTheWay(true);
          setWhat(picked);
        }}
      />
      {what !== null && (
        <AskForm
          about={`${inTheWay ? 'way' : 'seen'} ${what}`}
          fields={[typed('distanceM'), optional(typed('turnDeg'))]}
          submit={yardWords.add}
          main
          onSubmit={placed}
        />
      )}
    </div>
  );
}
