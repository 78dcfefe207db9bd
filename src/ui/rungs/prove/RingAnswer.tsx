'use client';
import { proveWords } from '@/words/screens';
import { useState } from 'react';
import { LIMITS } from '@/core/kinds';
import { judgeRing, type RingHow } from '@/core/prove';
import type { FigureRule } from '@/core/units';
import { AskForm } from '../../form/AskForm';
import { Choices } from '../../form/Choices';
import { figureField } from '../../form/fields';
import { RING_WORDS } from '../../figures/checkWords';
import { useSay } from '../../log/useSay';
import { answered, judgedBy, type Answered, type Answering } from './answered';
import { Outcome } from './Outcome';

const SECONDS: FigureRule = {
  unit: 's',
  unitWords: ['s', 'sec', 'second', 'seconds'],
  zeroAllowed: true,
  ...LIMITS.seconds,
};
const NO_LIMITS = { band: null, door: null } as const;

/** How it rang, and how long after the press, against what is usual. */
export function RingAnswer({ check, onDone }: Answering) {
  const say = useSay();
  const [how, setHow] = useState<RingHow | null>(null);
  const hows = check.answer.kind === 'ring' ? check.answer.hows : [];
  const judged = (rang: RingHow, { figure }: { readonly figure?: number }): Answered => {
    const heard = judgedBy(judgeRing(rang), say);
    // A ring that never came has no seconds
    if (figure === undefined || rang === 'silent') return { rang, ...heard };
    const late = answered(check, { figure }, NO_LIMITS, say);
    return { ...late, rang, ...(heard.result === 'failed' ? heard : {}) };
  };
  return (
    <>
      <Choices
        label={proveWords.howItRang}
        options={hows.map((value) => ({ value, words: RING_WORDS[value] }))}
        chosen={how ?? undefined}
        onPick={setHow}
      />
      {how && (
        <AskForm
          key={how === 'silent' ? 'silent' : 'rang'}
          about={check.id}
          fields={how === 'silent' ? [] : [figureField('figure', proveWords.secondsUntilItRings, SECONDS, undefined)]}
          submit={proveWords.writeItDown}
          main
          onSubmit={(typed: { readonly figure?: number }) => onDone(judged(how, typed))}
        >
          {(typed: { readonly figure?: number } | null) => typed && <Outcome answer={judged(how, typed)} />}
        </AskForm>
      )}
    </>
  );
}
