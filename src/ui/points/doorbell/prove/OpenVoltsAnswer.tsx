'use client';
import { proveWords } from '@/words/screens';
import { newOpenVolts } from '@/core/bell';
import { LIMITS } from '@/core/kinds';
import { said } from '@/core/said';
import { judgeOpenVolts, type OpenLimits } from '@/core/prove';
import { VOLTS } from '@/core/units';
import { AskForm } from '../../../form/AskForm';
import { figureField, optional } from '../../../form/fields';
import { useSay } from '../../../log/useSay';
import type { Answered, Answering, TypedFigure } from '../../../rungs/prove/answered';
import { useDoorbell } from '../useDoorbell';

/** Open volts of the new transformer against its label, its sheet, and the condition that the way was taken on. */
export function OpenVoltsAnswer({ check, onDone }: Answering) {
  const say = useSay();
  const { assessment, point } = useDoorbell();
  const { known, survey } = assessment;
  const choice = point.choice?.data;
  if (!choice?.transformer) return null;
  const { transformer, openCondition } = choice;
  const { nominalVolts, lowPercent, highPercent } = survey.region.mains;
  const limits = (mainsVolts: number | undefined): OpenLimits => ({
    ratedVolts: transformer.ratedVolts,
    condition: openCondition ?? null,
    band: newOpenVolts(known, transformer, mainsVolts ?? null),
    mains:
      mainsVolts === undefined
        ? { low: 1 + lowPercent / 100, high: 1 + highPercent / 100 }
        : { low: mainsVolts / nominalVolts, high: mainsVolts / nominalVolts },
  });
  const judged = ({ figure, mainsVolts }: TypedFigure) => judgeOpenVolts(figure, limits(mainsVolts));
  const answer = (typed: TypedFigure): Answered | null => {
    const { low: bandLow, high: bandHigh } = limits(typed.mainsVolts).band;
    const outcome = judged(typed);
    if (outcome.fits === 'open') return null;
    return {
      ...typed,
      bandLow,
      bandHigh,
      at: 'transformer',
      ...(outcome.fits ? { result: 'passed' as const } : { result: 'failed' as const, reason: say(outcome.why) }),
    };
  };
  const { low, high } = limits(undefined).band;
  return (
    <>
      <p data-testid="open-band">
        {proveWords.predictedOpen({ low: low.toFixed(1), high: high.toFixed(1) })}{' '}
        {openCondition && <b>{proveWords.itsConditionIs({ range: say(said('openRange', openCondition)) })}</b>}
      </p>
      <AskForm
        about={check.id}
        fields={[
          figureField('figure', proveWords.openVoltsRead, { ...VOLTS, ...LIMITS.bellVolts }, undefined),
          optional(
            figureField('mainsVolts', proveWords.mainsAtThatMoment, { ...VOLTS, ...LIMITS.mainsVolts }, undefined),
          ),
        ]}
        submit={proveWords.keepOpenVolts}
        onSubmit={(typed) => {
          const done = answer(typed);
          if (done) onDone(done);
        }}
      >
        {(typed) => {
          if (!typed) return null;
          const outcome = judged(typed);
          return (
            <p className={outcome.fits === true ? 'moss' : 'brick'} role="status">
              {outcome.fits === true ? proveWords.thatIsAsIt : say(outcome.why)}
            </p>
          );
        }}
      </AskForm>
    </>
  );
}
