'use client';
import type { UseFormRegisterReturn } from 'react-hook-form';
import { TakeButton } from '../meter/TakeButton';
import type { TypedField } from './field';

interface Props {
  readonly field: Pick<TypedField, 'label' | 'unit' | 'figure' | 'hint' | 'asked' | 'meter'>;
  readonly id: string;
  readonly fault: string | undefined;
  readonly input: UseFormRegisterReturn;
  /** Called with what the meter showed. */
  readonly onTake?: (text: string) => void;
}

/** A label, its box with the unit, and under it what is wrong with the text. */
export function FieldInput({ field, id, fault, input, onTake }: Props) {
  return (
    <div className={`field${fault ? ' wrong' : field.asked ? ' asked' : ''}`}>
      <label htmlFor={id}>{field.label}</label>
      <div className={`box${field.figure ? ' figure' : ''}`}>
        <input
          id={id}
          inputMode={field.figure ? 'decimal' : 'text'}
          autoComplete="off"
          placeholder={field.hint}
          aria-invalid={fault ? true : undefined}
          aria-describedby={fault ? `${id}-fault` : undefined}
          {...input}
        />
        {field.unit && (
          <span className="unit" aria-hidden="true">
            {field.unit}
          </span>
        )}
        {field.meter && onTake && <TakeButton id={id} label={field.label} task={field.meter} onTake={onTake} />}
      </div>
      {fault && (
        <div className="fault" id={`${id}-fault`} role="alert">
          {fault}
        </div>
      )}
    </div>
  );
}
