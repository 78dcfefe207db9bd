'use client';
import { useState } from 'react';
import { optionId, type JudgedOption } from '@/core/bell';
import { TRANSFORMERS } from '@/core/catalogue';
import { TREATMENTS } from '@/core/chime';
import { Choices } from '../kit/form/Choices';
import { useJob } from '../kit/job/JobContext';
import { TakeWay } from './TakeWay';
import { useWays, wayWords } from './useWays';
import { WayDetail } from './WayDetail';
import { WayTable } from './WayTable';

const KEEP = 'keep';

/** Every sensible way computed and compared: transformer, chime, pairs. One is taken, with its reason. */
export function ChooseBench() {
  const { point, assessment } = useJob();
  const { known, ways, proposed, full } = useWays(assessment);
  const [picked, setPicked] = useState<string | null>(null);
  const { choice } = point;
  const taken = choice
    ? optionId(choice.data.transformer?.id ?? null, choice.data.treatmentId, choice.data.joinPairs)
    : null;
  const by = (id: string | null): JudgedOption | undefined => ways.find((way) => way.id === id);
  const way = by(picked) ?? by(taken) ?? proposed ?? ways[0];
  if (!way) return <p>There is no way with this chime in this region.</p>;
  const select = ({ id }: JudgedOption) => setPicked(id);
  /** The way that differs from the shown one in one respect, or the nearest to it. */
  const turn = (test: (other: JudgedOption) => boolean) => {
    const others = ways.filter(test);
    const same = (other: JudgedOption): number =>
      Number(other.treatment.id === way.treatment.id) * 4 +
      Number(other.transformer?.id === way.transformer?.id) * 2 +
      Number(other.joinPairs === way.joinPairs);
    const nearest = [...others].sort((a, b) => same(b) - same(a))[0];
    if (nearest) select(nearest);
  };
  const distinct = <T,>(values: readonly T[]): readonly T[] => [...new Set(values)];
  // In the catalogue’s order, whatever stands first in the table
  const transformers = distinct(ways.map(({ transformer }) => transformer)).toSorted(
    (a, b) => (a ? TRANSFORMERS.indexOf(a) : -1) - (b ? TRANSFORMERS.indexOf(b) : -1),
  );
  const treatments = distinct(ways.map(({ treatment }) => treatment)).toSorted(
    (a, b) => TREATMENTS.indexOf(a) - TREATMENTS.indexOf(b),
  );
  const pairs = distinct(ways.map(({ joinPairs }) => joinPairs));
  return (
    <>
      <p data-testid="proposal">
        {proposed ? (
          <>
            <b>{wayWords(proposed)}</b> is proposed:{' '}
            {proposed.judgement.verdict === 'holds'
              ? 'the least effort among what holds'
              : 'the least effort among what is tight; nothing holds for sure'}
            . <span className="soft">{proposed.judgement.reason}</span>
          </>
        ) : (
          <>
            <b>Nothing can be proposed yet.</b>{' '}
            {assessment.next ? `${assessment.next.words}: ${assessment.next.why}` : 'No way holds with what is known.'}
          </>
        )}
      </p>
      <div className="selectors">
        <Choices
          label="transformer"
          options={transformers.map((one) => ({ value: one?.id ?? KEEP, words: one?.name ?? 'keep the old one' }))}
          chosen={way.transformer?.id ?? KEEP}
          onPick={(id) => id && turn(({ transformer }) => (transformer?.id ?? KEEP) === id)}
        />
        <Choices
          label="chime"
          options={treatments.map(({ id, name }) => ({ value: id, words: name }))}
          chosen={way.treatment.id}
          onPick={(id) => id && turn(({ treatment }) => treatment.id === id)}
        />
        {pairs.length > 1 && (
          <Choices
            label="spare pairs"
            options={[
              { value: 'no', words: 'leave them' },
              { value: 'yes', words: 'join them' },
            ]}
            chosen={way.joinPairs ? 'yes' : 'no'}
            onPick={(value) => value && turn(({ joinPairs }) => joinPairs === (value === 'yes'))}
          />
        )}
      </div>
      <WayDetail way={way} known={known} />
      <TakeWay key={`${way.id}-${full}`} way={way} taken={way.id === taken} />
      {way.transformer?.mainsWork && (
        <p className="caution">
          Replacing the transformer is mains work: it is chosen here and held until its plan is made. Mains can kill; if
          not competent and permitted, hire a licensed electrician.
        </p>
      )}
      <h2>All ways compared</h2>
      <WayTable ways={ways} selected={way.id} taken={taken} proposed={proposed?.id ?? null} onSelect={select} />
    </>
  );
}
