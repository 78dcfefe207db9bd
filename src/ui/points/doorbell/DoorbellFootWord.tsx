'use client';
import { VERDICT_WORDS } from '@/core/bell';
import { useDoorbell } from './useDoorbell';
import { margin, volts } from '../../kit/words';

/** The verdict on its circuit with the figure that decides. */
export function DoorbellFootWord() {
  const { known, reference } = useDoorbell().assessment;
  const { verdict, governingVolts, marginVolts } = reference.judgement;
  return (
    <>
      <b className={verdict}>{VERDICT_WORDS[verdict]}</b>
      {known.sourceKnown && governingVolts > 0 && (
        <span className="figure">
          {volts(governingVolts)}, {margin(marginVolts)}
        </span>
      )}
    </>
  );
}
