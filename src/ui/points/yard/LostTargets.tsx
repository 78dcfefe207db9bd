'use client';
import { yardWords } from '@/words/screens';
import { lostTargets } from '@/core/points';
import { capital } from '@/core/units';
import { useJob } from '../../log/JobContext';
import { LetMissStand } from './LetMissStand';

/** What is missed as it hangs: aimed again, or somebody lets it stand and says why. */
export function LostTargets({ name }: { readonly name: (what: string) => string }) {
  const { keptJob, kept } = useJob();
  return lostTargets(keptJob, kept).map(({ lost: { target, now } }) => {
    const about = { what: name(target.what), shows: now.miss === 'inPicture' };
    return (
      <LetMissStand
        key={target.id}
        targetId={target.id}
        lost={capital(yardWords.isLost(about))}
        why={yardWords.whyItMayBeMissed(about)}
        stands={({ who, words }) => capital(yardWords.letStandBy({ ...about, who, words }))}
      />
    );
  });
}
