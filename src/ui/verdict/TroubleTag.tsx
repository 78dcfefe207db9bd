'use client';
import { faultWords } from '@/words/screens';
import { complaintOf, type Trouble } from '@/core/points';
import { capital } from '@/core/units';
import { useSay } from '../log/useSay';

/** What does not work outranks whatever was worked out: beside the job nothing else is said of it until it is found. */
export function TroubleTag({ trouble }: { readonly trouble: Trouble }) {
  const say = useSay();
  return (
    <div className="tag fails" data-testid="troubled">
      <div>
        <div className="word">{faultWords.troubleTag}</div>
        <p>{capital(say(complaintOf(trouble)))}.</p>
        <div className="small soft">{faultWords.whatFinderSays}</div>
      </div>
    </div>
  );
}
