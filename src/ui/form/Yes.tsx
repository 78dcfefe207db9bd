'use client';
import type { ReactNode } from 'react';

interface Props {
  readonly words: ReactNode;
  readonly yes: boolean;
  readonly onTurn: (yes: boolean) => void;
}

/** Something that is so or not so: one big line to tap. */
export function Yes({ words, yes, onTurn }: Props) {
  return (
    <label className="yes">
      <input type="checkbox" checked={yes} onChange={(event) => onTurn(event.target.checked)} />
      <span>{words}</span>
    </label>
  );
}
