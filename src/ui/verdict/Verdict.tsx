'use client';
import { verdictWords } from '@/words/screens';
import { useSay } from '../log/useSay';
import { said } from '@/core/said';
import { type Judgement } from '@/core/bell';
import { percent } from '../figures/words';

/** The cut-corner tag: one word, one sentence, how far it is believed. */
export function Verdict({ judgement, way }: { readonly judgement: Judgement; readonly way: string }) {
  const say = useSay();
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
