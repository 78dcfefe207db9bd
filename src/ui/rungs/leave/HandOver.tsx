'use client';
import { leaveWords } from '@/words/screens';
import { useState } from 'react';
import { SIGNED_HOWS, TEXT, type EntryData } from '@/core/kinds';
import { checksOf } from '@/core/points';
import { AskForm } from '../../form/AskForm';
import { Choices } from '../../form/Choices';
import { optional, textField } from '../../form/fields';
import { useJob } from '../../log/JobContext';
import { SignatureField } from './SignatureField';

type Signed = (typeof SIGNED_HOWS)[number];
type Said = Pick<EntryData<'pointLeft'>, 'customer' | 'remark' | 'unsignedWhy'>;

const SIGNED_WORDS: Readonly<Record<Signed, string>> = {
  signed: leaveWords.signs,
  absent: leaveWords.isAbsent,
  refused: leaveWords.refuses,
};

/** Handing over: to whom, what was told, what stays open in words, and the signature or why there is none. */
export function HandOver({ isDone }: { readonly isDone: boolean }) {
  const { job, point, write } = useJob();
  const [signed, setSigned] = useState<Signed | null>(null);
  const [path, setPath] = useState<string | null>(null);
  const [fault, setFault] = useState(false);
  /** @returns whether it was handed over */
  const handOver = ({ customer, remark, unsignedWhy }: Said): boolean => {
    if (signed === 'signed' && path === null) {
      setFault(true);
      return false;
    }
    write('pointLeft', {
      pointId: point.id,
      asked: checksOf(point).map(({ id }) => id),
      copyGiven: true,
      ...(customer ? { customer } : {}),
      ...(remark ? { remark } : {}),
      ...(signed ? { signed } : {}),
      ...(signed === 'signed' && path !== null ? { signature: path } : {}),
      ...(signed && signed !== 'signed' && unsignedWhy ? { unsignedWhy } : {}),
    });
    return true;
  };
  return (
    <>
      <Choices
        label={leaveWords.whoIsShownIt}
        options={SIGNED_HOWS.map((value) => ({ value, words: SIGNED_WORDS[value] }))}
        chosen={signed ?? undefined}
        onPick={(picked) => {
          setSigned(picked);
          setFault(false);
        }}
      />
      {signed === 'signed' && (
        <SignatureField
          onDrawn={(drawn) => {
            setPath(drawn);
            setFault(false);
          }}
        />
      )}
      {fault && (
        <p className="brick" role="alert">
          {leaveWords.onlyADot}
        </p>
      )}
      <AskForm
        key={signed ?? 'unasked'}
        about="hand-over"
        fields={[
          optional(textField('customer', leaveWords.handedTo, job.customer.name)),
          // What is not done is said in words
          {
            ...optional(textField('remark', leaveWords.whatWasToldOr, undefined, { most: TEXT.long })),
            optional: isDone,
          },
          ...(signed === 'absent' || signed === 'refused'
            ? [textField('unsignedWhy', leaveWords.whyNot, undefined, { most: TEXT.long })]
            : []),
        ]}
        submit={leaveWords.theSheetIsHanded}
        main
        onSubmit={handOver}
      />
    </>
  );
}
