'use client';
import { verdictWords } from '@/words/screens';
import { useSay } from '../log/useSay';
import { said } from '@/core/said';
import { type Judgement } from '@/core/bell';
import { percent } from '../figures/words';

interface Props {
  readonly judgement: Judgement;
  readonly way: string;
  /** Something failed when it was proved: what was worked out is told without its tag. */
  readonly outranked?: boolean;
}

/** The cut-corner tag: one word, one sentence, how far it is believed. */
export function Verdict({ judgement, way, outranked = false }: Props) {
  const say = useSay();
  if (outranked)
    return (
      <p className="small soft" data-testid="verdict">
        {verdictWords.workedOutBefore} {say(said('verdict', { verdict: judgement.verdict }))}. {say(judgement.reason)}
      </p>
    );
  return (
    <div className={`tag ${judgement.verdict}`} data-testid="verdict">
      <div>
        <div className="word">{say(said('verdict', { verdict: judgement.verdict }))}</div>
        <p>{say(judgement.reason)}</p>
        <div className="small soft">
          {judgement.verdict !== 'notComputed' && verdictWords.believedToHold({ belief: percent(judgement.belief) })}
          {way}
        </div>
      </div>
    </div>
  );
}
