'use client';
import { measureWords } from '@/words/screens';
import { useSay } from '../../../log/useSay';
import { fallingVolts } from '@/core/bell';
import { STATE_WORDS } from '@/core/catalogue';
import { FallingLine } from '../../../plot/FallingLine';
import { useDoorbell } from '../useDoorbell';

/** What a supply that does not stand yet will do, in the state that decides. */
export function WorkedOutWay() {
  const say = useSay();
  const { known, reference, survey } = useDoorbell().assessment;
  const state = reference.judgement.governing;
  return (
    <section>
      <h2>{measureWords.voltsOnTheirWay}</h2>
      <FallingLine
        falling={fallingVolts(known, reference.change, state)}
        device={survey.device}
        words={`${say(reference.words)}, ${STATE_WORDS[state]}`}
      />
      <p className="small soft">{measureWords.workedOutFor({ words: say(reference.words) })}</p>
    </section>
  );
}
