'use client';
import { faultWords } from '@/words/screens';
import type { Finding } from '@/core/faults';
import { said } from '@/core/said';
import { capital } from '@/core/units';
import { useSay } from '../../../log/useSay';
import { EXPLAINED_WORDS, byShare, shareText } from './faultText';

/** From this share on a fault is settled; under it it leads. */
const SETTLED = 0.97;

/** What it may be, in a word and a sentence; filled once it is settled. */
export function FaultTag({ finding }: { readonly finding: Pick<Finding, 'explained' | 'faults'> }) {
  const say = useSay();
  const [first, second] = byShare(finding.faults);
  const name = (kind: string): string => say(said('faultName', { fault: kind }));
  const isSettled = first !== undefined && first.probability >= SETTLED;
  return (
    <div className={`tag ${isSettled ? 'fails' : 'cannotTell'}`} data-testid="fault-tag">
      <div>
        <div className="word">{isSettled ? capital(name(first.kind)) : faultWords.cantTellYet}</div>
        {first && !isSettled && (
          <p>
            {second
              ? faultWords.leadingTwo({
                  first: capital(name(first.kind)),
                  share: shareText(first.probability),
                  second: name(second.kind),
                  other: shareText(second.probability),
                })
              : faultWords.leading({ first: capital(name(first.kind)), share: shareText(first.probability) })}
          </p>
        )}
        <div className="small soft">{EXPLAINED_WORDS[finding.explained]}</div>
      </div>
    </div>
  );
}
