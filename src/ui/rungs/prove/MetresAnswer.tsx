'use client';
import { proveWords } from '@/words/screens';
import { LIMITS } from '@/core/kinds';
import { lengthsOf } from '@/core/job';
import { sensorBand } from '@/core/points';
import { lengthText } from '@/core/units';
import { AskForm } from '../../form/AskForm';
import { runField } from '../../form/fields';
import { useJob } from '../../log/JobContext';
import { useSay } from '../../log/useSay';
import { answered, type Answering } from './answered';
import { Outcome } from './Outcome';

/** How far off the sensor fired, against how far it was predicted to. */
export function MetresAnswer({ check, onDone }: Answering) {
  const say = useSay();
  const { job, point } = useJob();
  const lengths = lengthsOf(job);
  const band = sensorBand(job, point);
  const judged = (figure: number) => answered(check, { figure }, { band, door: null }, say);
  return (
    <>
      {band && (
        <p className="small">
          {proveWords.predictedToFire({ low: lengthText(band.low, lengths), high: lengthText(band.high, lengths) })}
        </p>
      )}
      <AskForm
        about={check.id}
        fields={[runField('figure', proveWords.farthestFired, lengths, undefined, LIMITS.yardM)]}
        submit={proveWords.writeItDown}
        main
        onSubmit={({ figure }: { readonly figure?: number }) => {
          if (figure !== undefined) onDone(judged(figure));
        }}
      >
        {(typed) => typed?.figure !== undefined && <Outcome answer={judged(typed.figure)} />}
      </AskForm>
    </>
  );
}
