'use client';
import { faultWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { Button } from 'react-bootstrap';
import { actTold, isTest, type Trouble, type TroubleAct } from '@/core/points';
import { capital } from '@/core/units';
import { useJob } from '../../../log/JobContext';
import { useSay } from '../../../log/useSay';

interface Props {
  readonly trouble: Trouble;
  readonly state: string;
  readonly strangers: readonly TroubleAct[];
  /** Answers that stand against all others. */
  readonly suspects: readonly string[];
  readonly isOver?: boolean;
}

/** What was answered and repaired so far, in its order; each can be taken back. */
export function ActsSoFar({ trouble, state, strangers, suspects, isOver = false }: Props) {
  const say = useSay();
  const { kept, write } = useJob();
  if (trouble.acts.length === 0) return null;
  return (
    <section>
      <h3>{faultWords.answers}</h3>
      <ol className="fault-acts">
        {trouble.acts.map((act) => {
          const told = actTold(kept, act, state);
          const found = say(told.found);
          const isSuspect = isTest(act) && suspects.includes(act.data.test);
          return (
            <li key={act.entryId} className={isSuspect ? 'suspect' : undefined}>
              <span>
                {capital(say(told.name))} {found && <b className="m">{found}</b>}
                {isTest(act) && act.data.simulated && <span className="simulated"> {faultWords.simulated}</span>}
              </span>
              <span className="small soft">
                {act.by.name}, {format(parseISO(act.at), 'd MMM HH:mm')}
                {strangers.includes(act) && `. ${faultWords.strange}`}
              </span>
              {!isOver && (
                <Button variant="link" onClick={() => write('entryStruck', { target: act.entryId })}>
                  {faultWords.takeBack}
                </Button>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
