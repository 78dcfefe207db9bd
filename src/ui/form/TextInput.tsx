'use client';
import { useId } from 'react';
import { Form } from 'react-bootstrap';
import { FieldBox } from './FieldBox';

interface Props {
  readonly label: string;
  readonly text: string;
  readonly most: number;
  readonly hint?: string;
  readonly figure?: boolean;
  readonly fault?: string | null;
  readonly onType: (text: string) => void;
}

/** A single field whose text the bench itself holds: it writes nothing by itself. */
export function TextInput({ label, text, most, hint, figure, fault, onType }: Props) {
  const id = useId();
  return (
    <FieldBox id={id} label={label} figure={figure} fault={fault}>
      <Form.Control
        value={text}
        maxLength={most}
        autoComplete="off"
        placeholder={hint}
        isInvalid={Boolean(fault)}
        aria-describedby={fault ? `${id}-fault` : undefined}
        onChange={(event) => onType(event.target.value)}
      />
    </FieldBox>
  );
}
