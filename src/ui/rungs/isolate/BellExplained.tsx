'use client';
import { isolateWords } from '@/words/screens';
import { TEXT } from '@/core/kinds';
import { AskForm } from '../../form/AskForm';
import { textField } from '../../form/fields';
import { useJob } from '../../log/JobContext';

/** More than bell voltage stood on a bell side: it is mains until somebody writes why. */
export function BellExplained({ supplyId }: { readonly supplyId: string }) {
  const { keptJob, write } = useJob();
  if (!keptJob.isolation.isHigh(supplyId)) return null;
  return (
    <div className="block-top">
      <p className="caution" role="alert">
        {isolateWords.moreThanBellVoltage}
      </p>
      <AskForm
        fields={[textField('reason', isolateWords.whyItStoodThere, undefined, { most: TEXT.long })]}
        submit={isolateWords.writeTheReason}
        onSubmit={({ reason }) => write('bellExplained', { supplyId, reason })}
      />
    </div>
  );
}
