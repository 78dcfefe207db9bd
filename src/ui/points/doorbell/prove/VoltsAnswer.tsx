'use client';
import { proveWords } from '@/words/screens';
import { useState, type ReactNode } from 'react';
import { predictedVolts, type Place } from '@/core/bell';
import { STATE_WORDS, type LastingState } from '@/core/catalogue';
import { LIMITS } from '@/core/kinds';
import { hasWiredChime, isFeedKnown } from '@/core/points';
import type { PredictedBand } from '@/core/prove';
import { VOLTS } from '@/core/units';
import { Filled } from '../../../figures/Filled';
import { Choices } from '../../../form/Choices';
import { AskForm } from '../../../form/AskForm';
import { figureField, optional } from '../../../form/fields';
import { useSay } from '../../../log/useSay';
import { answered, type Answered, type Answering, type TypedFigure } from '../../../rungs/prove/answered';
import { Outcome } from '../../../rungs/prove/Outcome';
import { useDoorbell } from '../useDoorbell';

const PLACES = [
  { value: 'transformer', words: proveWords.atTheTransformer },
  { value: 'chime', words: proveWords.atTheChime },
  { value: 'door', words: proveWords.atTheDoor },
] as const;

/** Volts at the door against the band that the whole survey predicts for the chosen way. */
export function VoltsAnswer({ check, state, onDone }: Answering & { readonly state: LastingState }) {
  const say = useSay();
  const { assessment, point } = useDoorbell();
  const { known, reference } = assessment;
  // Mounted, the device hides its own screws: what is before it can still be reached
  const [at, setAt] = useState<Place>('transformer');
  const bandAt = (mainsVolts: number | undefined): PredictedBand | null => {
    if (!isFeedKnown(assessment)) return null;
    return predictedVolts(known, reference.change, state, mainsVolts ?? null, at);
  };
  const answer = (typed: TypedFigure): Answered => ({
    ...answered(
      check,
      typed,
      { band: bandAt(typed.mainsVolts), door: at === 'door' ? known.survey.device : null },
      say,
    ),
    at,
  });
  const usual = bandAt(undefined);
  return (
    <>
      <Choices
        label={proveWords.readAt}
        options={PLACES.filter(({ value }) => value !== 'chime' || hasWiredChime(point))}
        chosen={at}
        onPick={(value) => setAt(value ?? 'transformer')}
      />
      <p data-testid="band">
        {usual ? (
          <>
            <Filled
              parts={proveWords.predicted<ReactNode>({
                state: STATE_WORDS[state],
                low: (
                  <b className="figure">{proveWords.toV({ low: usual.low.toFixed(1), high: usual.high.toFixed(1) })}</b>
                ),
                theMainsRead: <span className="soft">{proveWords.theMainsReadBeside}</span>,
              })}
            />
          </>
        ) : (
          proveWords.nothingIsKnownOf
        )}
      </p>
      <AskForm
        about={check.id}
        fields={[
          figureField('figure', proveWords.voltsThere, { ...VOLTS, ...LIMITS.bellVolts }, undefined),
          optional(
            figureField('mainsVolts', proveWords.mainsAtThatMoment, { ...VOLTS, ...LIMITS.mainsVolts }, undefined),
          ),
        ]}
        submit={proveWords.writeItDown}
        main
        onSubmit={(typed) => onDone(answer(typed))}
      >
        {(typed) => typed && <Outcome answer={answer(typed)} />}
      </AskForm>
    </>
  );
}
