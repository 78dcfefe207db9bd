'use client';
import { useId, type ReactNode } from 'react';
import { Form } from 'react-bootstrap';

interface Props {
  readonly words: ReactNode;
  readonly yes: boolean;
  readonly onTurn: (yes: boolean) => void;
}

/** Something that is so or not so: one big line to tap. */
export function Yes({ words, yes, onTurn }: Props) {
  const id = useId();
  return (
    <Form.Check
      id={id}
      className="yes"
      label={words}
      checked={yes}
      onChange={(event) => onTurn(event.target.checked)}
    />
  );
}
