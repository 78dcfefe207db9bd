'use client';
import { proveWords } from '@/words/screens';
import { useState, type ReactNode } from 'react';
import { isComputed, predictedVolts, type Place } from '@/core/bell';
import { STATE_WORDS, type LastingState } from '@/core/catalogue';
import { LIMITS } from '@/core/kinds';
import { checksOf, hasWiredChime, isFeedKnown } from '@/core/points';
import type { Check, PredictedBand } from '@/core/prove';
import { VOLTS } from '@/core/units';
import { Filled } from '../../../figures/Filled';
import { Choices } from '../../../form/Choices';
import { AskForm } from '../../../form/AskForm';
import { figureField, optional } from '../../../form/fields';
import { useSay } from '../../../log/useSay';
import { answered, type Answered, type Answering } from '../../../rungs/prove/answered';
import { Outcome } from '../../../rungs/prove/Outcome';
import { useDoorbell } from '../useDoorbell';

const PLACES = [
  { value: 'transformer', words: proveWords.atTheTransformer },
  { value: 'chime', words: proveWords.atTheChime },
  { value: 'door', words: proveWords.atTheDoor },
] as const;
const BELL = { ...VOLTS, ...LIMITS.bellVolts };
const MAINS = { ...VOLTS, ...LIMITS.mainsVolts };

type Typed = Partial<Record<LastingState, number>> & { readonly mainsVolts?: number };

/** Volts while it is in one state or another, all of one place together, against what the whole survey predicts there. */
export function VoltsAnswer({ check, onDone }: Answering) {
  const say = useSay();
  const { assessment, point, write } = useDoorbell();
  const { known, reference } = assessment;
  // Mounted, the device hides its own screws: what is before it can still be reached
  const [at, setAt] = useState<Place>('transformer');
  const computed = isFeedKnown(assessment) && isComputed(known.survey, reference.change);
  const bandOf = (state: LastingState, mainsVolts: number | undefined): PredictedBand | null =>
    computed ? predictedVolts(known, reference.change, state, mainsVolts ?? null, at) : null;
  const others = checksOf(point).filter(
    ({ id, answer }) => id !== check.id && answer.kind === 'volts' && !point.checks[id],
  );
  const asked = [check, ...others];
  const judged = (one: Check, { mainsVolts, ...volts }: Typed): Answered | null => {
    const state = one.answer.kind === 'volts' ? one.answer.state : null;
    const figure = state ? volts[state] : undefined;
    if (!state || figure === undefined) return null;
    const held = { band: bandOf(state, mainsVolts), door: at === 'door' ? known.survey.device : null };
    return { ...answered(one, { figure, ...(mainsVolts === undefined ? {} : { mainsVolts }) }, held, say), at };
  };
  const done = (typed: Typed): void => {
    for (const one of others) {
      const given = judged(one, typed);
      if (given) write('checkDone', { pointId: point.id, check: one.id, ...given });
    }
    const own = judged(check, typed);
    if (own) onDone(own);
  };
  return (
    <>
      <Choices
        label={proveWords.readAt}
        options={PLACES.filter(({ value }) => value !== 'chime' || hasWiredChime(point))}
        chosen={at}
        onPick={(value) => setAt(value ?? 'transformer')}
      />
      <div data-testid="band">
        {computed
          ? asked.map(
              (one) =>
                one.answer.kind === 'volts' && (
                  <Band key={one.id} state={one.answer.state} band={bandOf(one.answer.state, undefined)} />
                ),
            )
          : proveWords.nothingIsKnownOf}
        {computed && <p className="small soft">{proveWords.theMainsReadBeside}</p>}
      </div>
      <AskForm
        about={check.id}
        fields={[
          ...asked.flatMap((one) =>
            one.answer.kind === 'volts'
              ? one === check
                ? [own(one.answer.state)]
                : [optional(own(one.answer.state))]
              : [],
          ),
          optional(figureField('mainsVolts', proveWords.mainsAtThatMoment, MAINS, undefined)),
        ]}
        submit={proveWords.writeItDown}
        main
        onSubmit={(typed: Typed) => done(typed)}
      >
        {(typed: Typed | null) =>
          typed &&
          asked.map((one) => {
            const given = judged(one, typed);
            return given && <Outcome key={one.id} answer={given} />;
          })
        }
      </AskForm>
    </>
  );
}

const own = (state: LastingState) =>
  figureField(state, proveWords.voltsInState({ state: STATE_WORDS[state] }), BELL, undefined);

const Band = ({ state, band }: { readonly state: LastingState; readonly band: PredictedBand | null }) =>
  band && (
    <p>
      <Filled
        parts={proveWords.predicted<ReactNode>({
          state: STATE_WORDS[state],
          low: <b className="figure">{proveWords.toV({ low: band.low.toFixed(1), high: band.high.toFixed(1) })}</b>,
        })}
      />
    </p>
  );
