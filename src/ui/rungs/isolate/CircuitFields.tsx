'use client';
import { isolateWords } from '@/words/screens';
import { useSay, useTerms } from '../../log/useSay';
import Link from 'next/link';
import { v7 } from 'uuid';
import { useState } from 'react';
import { mayBeOneWay, type Circuit } from '@/core/house';
import { OTHER_FEEDS, type OtherFeed } from '@/core/isolation';
import { circuitsOfPoint, unnamedFeed } from '@/core/points';
import { said } from '@/core/said';
import { AskForm } from '../../form/AskForm';
import { Choices } from '../../form/Choices';
import { Several } from '../../form/Several';
import { FieldGroup } from '../../form/FieldGroup';
import { mapped, optional, textField } from '../../form/fields';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';
import { OtherFeeds } from '../../proof/LookedFor';
import { SameBreaker } from './SameBreaker';

/** A number by itself is what a hand types: it is spoken of, printed and tagged as “breaker 4”. */
const spoken = (way: string, term: string): string => (/^\d{1,3}[a-z]?$/i.test(way) ? `${term} ${way}` : way);

/** One circuit that feeds the point: which way, what stands there, and whether it shares a neutral or a box. */
export function CircuitFields({ circuit }: { readonly circuit: Circuit | null }) {
  const { keptJob, point } = useJob();
  const words = useTerms();
  // One circuit per point until somebody says that two hang on the same
  const circuitId = circuit?.id ?? `of-${point.id}`.slice(0, 64);
  const scope = { circuitId, ...(circuit ? {} : { feeds: [point.id] }) };
  const { typed } = useFacts('circuitListed', scope, {
    ...(circuit?.way ? { way: circuit.way } : {}),
    ...(circuit?.name ? { name: circuit.name } : {}),
    ...(circuit?.board ? { board: circuit.board } : {}),
  });
  const way = typed('way', { asked: !circuit, hint: `${words.way} 7` });
  const named = (part: { readonly way?: string | null }) =>
    part.way ? { ...part, way: spoken(part.way, words.way) } : part;
  return (
    <div className="circuit-block">
      <FieldGroup
        kind="circuitListed"
        scope={scope}
        fields={[
          { ...way, read: (...text) => mapped(way.read(...text), named) },
          typed('name', { hint: isolateWords.hallLights }),
          ...(circuit && (circuit.mayBe.length > 0 || circuit.board !== null || keptJob.boards.length > 1)
            ? [
                typed('board', {
                  asked: circuit.board === null && circuit.mayBe.length > circuit.toCompare.length,
                  hint: isolateWords.garage,
                }),
              ]
            : []),
        ]}
      />
      {circuit && <SameBreaker circuit={circuit} />}
      {circuit ? (
        <>
          <OtherFeeds circuit={circuit} />
          {circuit.sharedNeutral === 'yes' && <p className="caution">{isolateWords.sharedNeutralIsolateAll}</p>}
          <p className="row-of">
            <Link className="btn btn-secondary" href={`/jobs/${keptJob.id}/label/${encodeURIComponent(circuit.id)}`}>
              {isolateWords.labelToPrint}
            </Link>
            {circuit.foundBy === 'elimination' && <span className="soft">{isolateWords.foundByEliminationOn}</span>}
          </p>
        </>
      ) : (
        <SameAsOther circuitId={circuitId} />
      )}
      <p className="small soft">{isolateWords.aNewMakesThe({ way: words.way })}</p>
    </div>
  );
}

function SameAsOther({ circuitId }: { readonly circuitId: string }) {
  const { keptJob, point, write } = useJob();
  const others = keptJob.circuits.filter(({ id, name, way }) => id !== circuitId && (name ?? way) !== null);
  if (others.length === 0) return null;
  return (
    <Choices
      label={isolateWords.orTheSameAs}
      options={others.map(({ id, name, way }) => ({ value: id, words: [way, name].filter(Boolean).join(' ') }))}
      chosen={undefined}
      onPick={(id) => {
        const other = others.find((one) => one.id === id);
        if (other) write('circuitListed', { circuitId: other.id, feeds: [...other.feeds, point.id] });
      }}
    />
  );
}

/** A second feed of the same point: another transformer, another circuit in the box, the other half of a neutral. */
export function SecondCircuit() {
  const { keptJob, point, write } = useJob();
  const words = useTerms();
  const say = useSay();
  const taken = circuitsOfPoint(keptJob, point);
  const seen = unnamedFeed(keptJob, point);
  const [namedAs, setNamedAs] = useState<readonly OtherFeed[] | null>(null);
  const [same, setSame] = useState<string | null>(null);
  const asWhat = namedAs ?? (seen ? [seen] : []);
  return (
    <details open={seen !== null || undefined}>
      <summary>{isolateWords.aSecondCircuitFeeds}</summary>
      <Several
        label={isolateWords.whatItIsBesideThe}
        options={OTHER_FEEDS.filter((feed) => feed !== 'joined' || point.fed.bellSide).map((value) => ({
          value,
          words: say(said('answer', { kind: 'circuitListed', field: 'namedAs', value })),
        }))}
        chosen={asWhat}
        onChange={(picked) => setNamedAs(picked ?? [])}
      />
      {same !== null && (
        <p className="brick" role="alert">
          {same}
        </p>
      )}
      <AskForm
        fields={[
          textField('way', isolateWords.whichIsTheSecond({ way: words.way }), undefined),
          optional(textField('name', isolateWords.itsLabel, undefined)),
        ]}
        submit={isolateWords.nameTheSecondCircuit}
        onSubmit={({ way: typedWay, name }) => {
          const way = spoken(typedWay, words.way);
          const other = taken.find(({ named }) => named.some((one) => mayBeOneWay(one, { way, board: null })));
          setSame(other ? isolateWords.thatIsTheSame({ way: words.way, other: other.way ?? other.name ?? '' }) : null);
          if (other) return false;
          write('circuitListed', {
            circuitId: v7(),
            way,
            ...(name ? { name } : {}),
            feeds: [point.id],
            namedAs: [...asWhat],
          });
          setNamedAs(null);
          return true;
        }}
      />
    </details>
  );
}
