import { VERDICT_WORDS, type Judgement } from '@/core/bell';
import { percent } from './words';

/** The cut-corner tag: one word, one sentence, how far it is believed. */
export function Verdict({ judgement, way }: { readonly judgement: Judgement; readonly way: string }) {
  return (
    <div className={`tag ${judgement.verdict}`} data-testid="verdict">
      <div>
        <div className="word">{VERDICT_WORDS[judgement.verdict]}</div>
        <p>{judgement.reason}</p>
        <div className="small soft">
          {judgement.verdict !== 'notComputed' && `believed to hold ${percent(judgement.belief)} · `}
          {way}
        </div>
      </div>
    </div>
  );
}
