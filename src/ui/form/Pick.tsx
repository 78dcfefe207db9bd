'use client';
import { useId } from 'react';
import { Form } from 'react-bootstrap';
import { PlainPick } from './PlainPick';

interface Props<T extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly words: string }[];
  readonly chosen: T | undefined;
  readonly none?: string;
  readonly onPick: (value: T) => void;
}

/** One of several in a line of text: a select with its label above it. */
export function Pick<T extends string>({ label, ...select }: Props<T>) {
  const id = useId();
  return (
    <Form.Group controlId={id} className="field">
      <Form.Label>{label}</Form.Label>
      <PlainPick {...select} />
    </Form.Group>
  );
}
