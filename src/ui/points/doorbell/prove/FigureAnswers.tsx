'use client';
import { proveWords } from '@/words/screens';
import { Filled } from '../../../figures/Filled';
import type { ReactNode } from 'react';
import { useSay } from '../../../log/useSay';
import type { Say } from '@/words';
import { predictedDoorVolts } from '@/core/bell';
import { STATE_WORDS, type LastingState } from '@/core/catalogue';
import { LIMITS, type EntryData } from '@/core/kinds';
import { isFeedKnown } from '@/core/points';
import { judgeFigure, type Check, type DoorLimits, type PredictedBand } from '@/core/prove';
import { VOLTS, type FigureRule } from '@/core/units';
import { AskForm } from '../../../form/AskForm';
import { figureField, optional } from '../../../form/fields';
import { useDoorbell } from '../useDoorbell';

/** What a check’s entry says beside its point and check. */
export type Answered = Omit<EntryData<'checkDone'>, 'pointId' | 'check'>;

interface Props {
  readonly check: Check;
  readonly onDone: (data: Answered) => void;
}

const SECONDS: FigureRule = {
  unit: 's',
  unitWords: ['s', 'sec', 'second', 'seconds'],
  zeroAllowed: true,
  ...LIMITS.seconds,
};

/** What is typed for a check: its figure, and the mains at that moment where they were read beside it. */
interface Typed {
  readonly figure: number;
  readonly mainsVolts?: number;
}

/** What a figure makes of a check: passed within its limit or band, failed with why outside. */
function answered(
  check: Check,
  { figure, mainsVolts }: Typed,
  band: PredictedBand | null,
  door: DoorLimits,
  say: Say,
): Answered {
  const judged = judgeFigure(check, figure, band, door);
  return {
    figure,
    ...(mainsVolts === undefined ? {} : { mainsVolts }),
    ...(band ? { bandLow: band.low, bandHigh: band.high } : {}),
    ...(judged.fits ? { result: 'passed' } : { result: 'failed', reason: say(judged.why) }),
  };
}

const Outcome = ({ answer }: { readonly answer: Answered }) => (
  <p className={answer.result === 'passed' ? 'moss' : 'brick'} role="status">
    {answer.result === 'passed' ? proveWords.thatIsAsIt : answer.reason}
  </p>
);

/** Seconds from the press to the ring, against their limit. */
export function SecondsAnswer({ check, onDone }: Props) {
  const say = useSay();
  const { device } = useDoorbell().assessment.survey;
  return (
    <AskForm
      about={check.id}
      fields={[figureField('figure', proveWords.secondsUntilItRings, SECONDS, undefined)]}
      submit={proveWords.writeItDown}
      main
      onSubmit={(typed) => onDone(answered(check, typed, null, device, say))}
    >
      {(typed) => typed && <Outcome answer={answered(check, typed, null, device, say)} />}
    </AskForm>
  );
}

/** Volts at the door against the band that the whole survey predicts for the chosen way. */
export function VoltsAnswer({ check, state, onDone }: Props & { readonly state: LastingState }) {
  const say = useSay();
  const { assessment } = useDoorbell();
  const { known, reference } = assessment;
  const bandAt = (mainsVolts: number | undefined): PredictedBand | null => {
    if (!isFeedKnown(assessment)) return null;
    return predictedDoorVolts(known, reference.change, state, mainsVolts ?? null);
  };
  const answer = (typed: Typed): Answered => answered(check, typed, bandAt(typed.mainsVolts), known.survey.device, say);
  const usual = bandAt(undefined);
  return (
    <>
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
          figureField('figure', proveWords.voltsAtTheDevices, { ...VOLTS, ...LIMITS.bellVolts }, undefined),
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
