'use client';
import { useSay } from '../../log/useSay';
import { said } from '@/core/said';
import { isFeedKnown } from '@/core/points';
import { useDoorbell } from './useDoorbell';
import { margin, volts } from '../../figures/words';

/** The verdict on its circuit with the figure that decides. */
export function DoorbellFootWord() {
  const say = useSay();
  const { assessment } = useDoorbell();
  const { verdict, governingVolts, marginVolts } = assessment.reference.judgement;
  return (
    <>
      <b className={verdict}>{say(said('verdict', { verdict: verdict }))}</b>
      {isFeedKnown(assessment) && governingVolts > 0 && (
        <span className="figure">
          {volts(governingVolts)}, {margin(marginVolts)}
        </span>
      )}
    </>
  );
}
