'use client';
import { proveWords } from '@/words/screens';
import { LIMITS } from '@/core/kinds';
import type { FigureRule } from '@/core/units';
import { AskForm } from '../../form/AskForm';
import { figureField } from '../../form/fields';
import { useSay } from '../../log/useSay';
import { answered, type Answering } from './answered';
import { Outcome } from './Outcome';

const SECONDS: FigureRule = {
  unit: 's',
  unitWords: ['s', 'sec', 'second', 'seconds'],
  zeroAllowed: true,
  ...LIMITS.seconds,
};
const NO_LIMITS = { band: null, door: null } as const;

/** Seconds from the press to the ring, against their limit. */
export function SecondsAnswer({ check, onDone }: Answering) {
  const say = useSay();
  return (
    <AskForm
      about={check.id}
      fields={[figureField('figure', proveWords.secondsUntilItRings, SECONDS, undefined)]}
      submit={proveWords.writeItDown}
      main
      onSubmit={(typed) => onDone(answered(check, typed, NO_LIMITS, say))}
    >
      {(typed) => typed && <Outcome answer={answered(check, typed, NO_LIMITS, say)} />}
    </AskForm>
  );
}
