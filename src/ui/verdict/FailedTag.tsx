'use client';
import { verdictWords } from '@/words/screens';
import type { Failure } from '@/core/points';
import { lowerFirst } from '@/core/units';
import { useSay } from '../log/useSay';

/** What failed when it was proved: it outranks whatever was worked out, and stands before it. */
export function FailedTag({ failures }: { readonly failures: readonly Failure[] }) {
  const say = useSay();
  return failures.map(({ check, answer, accepted }) => (
    <div key={check.id} className="tag fails" data-testid="failed">
      <div>
        <div className="word">{accepted ? verdictWords.failedLetStand : verdictWords.failed}</div>
        <p>
          {say(check.name)}: {lowerFirst(answer.data.reason ?? '')}
        </p>
        <div className="small soft">
          {accepted
            ? verdictWords.letStandBy({ name: accepted.by.name, words: accepted.data.words })
            : verdictWords.putRightOrLetStand}
        </div>
      </div>
    </div>
  ));
}
