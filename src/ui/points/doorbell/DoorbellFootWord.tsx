'use client';
import { doorbellWords } from '@/words/screens';
import { useSay } from '../../log/useSay';
import { said } from '@/core/said';
import { decisionOf, isFeedKnown } from '@/core/points';
import { useDoorbell } from './useDoorbell';
import { margin, percent, volts } from '../../figures/words';

/** The verdict on its circuit with the figure that decides. */
export function DoorbellFootWord() {
  const say = useSay();
  const { assessment, point } = useDoorbell();
  const decision = point.choice ? null : decisionOf(assessment);
  const { verdict, governingVolts, marginVolts } = assessment.reference.judgement;
  if (decision)
    return (
      <>
        <b className={decision.settled ? 'moss' : 'slate'}>{say(decision.word)}</b>
        <span className="small">
          {decision.settled ? doorbellWords.settled : doorbellWords.leading}{' '}
          <span className="figure">{decision.belief === null ? '' : percent(decision.belief)}</span>
        </span>
      </>
    );
  return (
    <>
      <b className={verdict}>{say(said('verdict', { verdict: verdict }))}</b>
      {isFeedKnown(assessment) && verdict !== 'notComputed' && governingVolts > 0 && (
        <span className="figure">
          {volts(governingVolts)}, {margin(marginVolts)}
        </span>
      )}
    </>
  );
}
