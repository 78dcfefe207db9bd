'use client';
import { jobWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { Button } from 'react-bootstrap';
import { conflictsAt } from '@/core/points';
import { capital } from '@/core/units';
import { ENTRY_WORDS } from '../log/entryWords';
import { useJob } from '../log/JobContext';
import { useSay } from '../log/useSay';

/**
 * What two people say differently, not having seen each other’s: both answers, who and when. A tap says one of them again, and
 * settles it; until then the later one stands.
 */
export function Conflicts() {
  const say = useSay();
  const { keptJob, kept, write } = useJob();
  const conflicts = conflictsAt(keptJob, kept);
  if (conflicts.length === 0) return null;
  return (
    <section className="held-step conflicts" aria-label={jobWords.twoAnswers}>
      {conflicts.map(({ fact, kind, name, answers }) => (
        <div key={`${fact} ${answers[0].at}`} data-fact={fact}>
          <p>
            <b>{jobWords.twoAnswersTo({ fact: name ? say(name) : ENTRY_WORDS[kind] })}</b>
          </p>
          <div className="row-of">
            {answers.map(({ value, by, at, again }, i) => (
              <Button key={i} variant="secondary" onClick={() => write(again.kind, again.data)}>
                <b>{value === null ? capital(ENTRY_WORDS[kind]) : capital(say(value))}</b>
                <span className="small soft block">
                  {jobWords.saidBy({ name: by.name, at: format(parseISO(at), 'd MMM HH:mm') })}
                  {i === 1 && ` ${jobWords.standsNow}`}
                </span>
              </Button>
            ))}
          </div>
        </div>
      ))}
      <p className="small soft">{jobWords.tapTheRight}</p>
    </section>
  );
}
