'use client';
import { faultWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { Button } from 'react-bootstrap';
import { finderAt, isTest, type Trouble, type TroubleAct } from '@/core/points';
import { said } from '@/core/said';
import { useJob } from '../../../log/JobContext';
import { useSay } from '../../../log/useSay';
import { UNTESTED_WORDS, withUnit } from './faultText';

/** What an act came to, in a few words. */
export function useActText(): (act: TroubleAct, state: string) => { readonly name: string; readonly found: string } {
  const say = useSay();
  const { kept } = useJob();
  return (act, state) => {
    if (!isTest(act)) {
      const { fault, fixed } = act.data;
      const name = say(said('faultName', { fault }));
      return { name: fixed ? faultWords.helped({ fault: name }) : faultWords.tried({ fault: name }), found: '' };
    }
    const { test, word, value, untested } = act.data;
    const figure = finderAt(kept).test(test)?.figure ?? null;
    return {
      name: say(said('testName', { test, state })),
      found:
        value !== undefined
          ? withUnit(value, figure)
          : word !== undefined
            ? say(said('testWord', { test, word }))
            : untested
              ? faultWords.couldNot({ why: UNTESTED_WORDS[untested] })
              : '',
    };
  };
}

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
  const { write } = useJob();
  const textOf = useActText();
  if (trouble.acts.length === 0) return null;
  return (
    <section>
      <h3>{faultWords.answers}</h3>
      <ol className="fault-acts">
        {trouble.acts.map((act) => {
          const { name, found } = textOf(act, state);
          const isSuspect = isTest(act) && suspects.includes(act.data.test);
          return (
            <li key={act.entryId} className={isSuspect ? 'suspect' : undefined}>
              <span>
                {name} {found && <b className="m">{found}</b>}
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
