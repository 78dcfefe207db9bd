'use client';
import { useId } from 'react';
import { Form } from 'react-bootstrap';
import { FieldBox } from './FieldBox';

interface Props {
  readonly label: string;
  /** Local date and time as the control writes it, empty where none is set. */
  readonly shown: string;
  readonly onPick: (value: string) => void;
}

/** Date and time by the system's own picker. */
export function TimeField({ label, shown, onPick }: Props) {
  const id = useId();
  return (
    <div className="time-field">
      <FieldBox id={id} label={label}>
        <Form.Control type="datetime-local" defaultValue={shown} onBlur={(event) => onPick(event.target.value)} />
      </FieldBox>
    </div>
  );
}
