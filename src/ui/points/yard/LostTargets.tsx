'use client';
import { yardWords } from '@/words/screens';
import { lostTargets } from '@/core/points';
import { useJob } from '../../log/JobContext';
import { LetMissStand } from './LetMissStand';

/** What is missed as it hangs: aimed again, or somebody lets it stand and says why. */
export function LostTargets({ name }: { readonly name: (what: string) => string }) {
  const { keptJob, kept } = useJob();
  return lostTargets(keptJob, kept).map(({ lost: { target } }) => {
    const what = name(target.what);
    return (
      <LetMissStand
        key={target.id}
        targetId={target.id}
        lost={yardWords.isLost({ what })}
        why={yardWords.whyItMayBeMissed({ what })}
        stands={({ who, words }) => yardWords.letStandBy({ what, who, words })}
      />
    );
  });
}
