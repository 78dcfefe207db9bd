'use client';
import { leaveWords } from '@/words/screens';
import { WHOSE, stillOpen, type Whose } from '@/core/points';
import { useJob } from '../../log/JobContext';
import { useSay } from '../../log/useSay';

const WHOSE_WORDS: Readonly<Record<Whose, string>> = {
  crew: leaveWords.staysOurs,
  customer: leaveWords.staysCustomers,
  licensed: leaveWords.staysLicensed,
};

/** What is not done when it is handed over, and whose it is. */
export function StillOpen() {
  const say = useSay();
  const { job, point, assessment } = useJob();
  const open = stillOpen(job, point, assessment);
  return (
    <div data-testid="still-open">
      {WHOSE.map((whose) => {
        const theirs = open.filter((one) => one.whose === whose);
        return (
          theirs.length > 0 && (
            <section key={whose}>
              <b>{WHOSE_WORDS[whose]}</b>
              <ul className="plain-list">
                {theirs.map(({ id, words }) => (
                  <li key={id}>{say(words)}</li>
                ))}
              </ul>
            </section>
          )
        );
      })}
    </div>
  );
}
