'use client';
import { Form } from 'react-bootstrap';
import type { UseFormRegisterReturn } from 'react-hook-form';
import { TakeButton } from '../meter/TakeButton';
import { FieldBox } from './FieldBox';
import type { TypedField } from './field';

interface Props {
  readonly field: Pick<TypedField, 'label' | 'unit' | 'figure' | 'hint' | 'asked' | 'meter' | 'also'>;
  readonly id: string;
  readonly fault: string | undefined;
  readonly input: UseFormRegisterReturn;
  /** Called with what the meter showed. */
  readonly onTake?: (text: string) => void;
}

/** A field of a form: what is typed belongs to the form, what the meter shows is handed to it. */
export function FieldInput({ field, id, fault, input, onTake }: Props) {
  const { label, unit, figure, hint, asked, meter, also } = field;
  return (
    <FieldBox
      id={id}
      label={label}
      unit={unit}
      figure={figure}
      asked={asked}
      fault={fault}
      also={also}
      after={meter && onTake && <TakeButton id={id} label={label} task={meter} onTake={onTake} />}
    >
      <Form.Control
        inputMode={figure ? 'decimal' : 'text'}
        autoComplete="off"
        placeholder={hint}
        isInvalid={fault !== undefined}
        aria-invalid={fault ? true : undefined}
        aria-describedby={fault ? `${id}-fault` : undefined}
        {...input}
      />
    </FieldBox>
  );
}
