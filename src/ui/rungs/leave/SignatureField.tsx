'use client';
import { leaveWords } from '@/words/screens';
import { useEffect, useRef } from 'react';
import { Button } from 'react-bootstrap';
import SignaturePad from 'signature_pad';
import { SIGNATURE } from '@/core/kinds';
import { signaturePath } from './signaturePath';

interface Props {
  /** Called after each stroke with all that was drawn; null where that is no more than a dot, or nothing. */
  readonly onDrawn: (path: string | null) => void;
}

/** Signs with a finger. */
export function SignatureField({ onDrawn }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const pad = useRef<SignaturePad | null>(null);
  const told = useRef(onDrawn);
  useEffect(() => {
    told.current = onDrawn;
  });
  useEffect(() => {
    const field = canvas.current;
    // A browser without a drawing surface has none to sign on
    if (!field?.getContext('2d')) return;
    // It draws in its own pixels: as many as it is shown in
    const shown = field.getBoundingClientRect();
    [field.width, field.height] = [Math.round(shown.width), Math.round(shown.height)];
    const ink = getComputedStyle(field).color;
    const made = new SignaturePad(field, { penColor: ink });
    const drawn = () => {
      const { width, height } = field.getBoundingClientRect();
      told.current(
        signaturePath(
          made.toData().map(({ points }) => points),
          { width, height },
        ),
      );
    };
    made.addEventListener('endStroke', drawn);
    pad.current = made;
    return () => {
      made.off();
      pad.current = null;
    };
  }, []);
  return (
    <>
      <canvas
        ref={canvas}
        className="signature"
        width={SIGNATURE.width}
        height={SIGNATURE.height}
        aria-label={leaveWords.signHere}
        role="img"
      />
      <Button
        variant="link"
        onClick={() => {
          pad.current?.clear();
          onDrawn(null);
        }}
      >
        {leaveWords.signAgain}
      </Button>
    </>
  );
}
