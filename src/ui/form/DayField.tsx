'use client';
import { useId } from 'react';
import { Form } from 'react-bootstrap';
import { FieldBox } from './FieldBox';

interface Props {
  readonly label: string;
  /** ISO 8601; empty where none is set. */
  readonly shown: string;
  readonly onPick: (day: string | null) => void;
}

/** A day by the system's own picker. */
export function DayField({ label, shown, onPick }: Props) {
  const id = useId();
  return (
    <FieldBox id={id} label={label}>
      <Form.Control
        type="date"
        key={shown}
        defaultValue={shown}
        onBlur={({ target: { value } }) => {
          if (value !== shown) onPick(value === '' ? null : value);
        }}
      />
    </FieldBox>
  );
}
