'use client';
import { Button } from 'react-bootstrap';
import { useSay } from '../log/useSay';
import { yupResolver } from '@hookform/resolvers/yup';
import { useId, useMemo, useState, type ReactNode } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import type { DataOf, TypedField } from './field';
import { FieldInput } from './FieldInput';
import { formSchema } from './formSchema';

/** That one of the figures came from the simulated meter. */
interface Marks {
  readonly simulated?: true;
}

interface Props<F extends readonly TypedField[]> {
  readonly fields: F;
  readonly submit: string;
  readonly main?: boolean;
  /** Called with what the fields say together. Where it comes to false, what was typed stays as it is. */
  readonly onSubmit?: (data: DataOf<F>, marks: Marks) => unknown;
  /** Called with the texts as they stand, for who makes one list of them. */
  readonly onTexts?: (texts: Readonly<Record<string, string>>) => void;
  /** What follows from the fields while they are typed; null until all of them can be read. */
  readonly children?: (data: DataOf<F> | null) => ReactNode;
}

/** What all fields say together; null while one is empty or wrong. */
function said<F extends readonly TypedField[]>(fields: F, texts: Readonly<Record<string, string>>): DataOf<F> | null {
  let data: object = {};
  for (const field of fields) {
    const text = (texts[field.name] ?? '').trim();
    const result = text === '' && field.optional ? { ok: true as const, value: {} } : field.read(text, texts);
    if (!result.ok) return null;
    data = { ...data, ...result.value };
  }
  // Each field has given its part of it
  return data as DataOf<F>;
}

/** Questions that are answered together and written by a button, not by leaving them. */
export function AskForm<const F extends readonly TypedField[]>({
  fields,
  submit,
  main = false,
  onSubmit,
  onTexts,
  children,
}: Props<F>) {
  const id = useId();
  const say = useSay();
  const schema = useMemo(() => formSchema(fields, say, 'required'), [fields, say]);
  const start = Object.fromEntries(fields.map(({ name, shown }) => [name, shown]));
  const { register, handleSubmit, control, reset, setValue, formState } = useForm<Record<string, string>>({
    defaultValues: start,
    mode: 'onTouched',
    resolver: yupResolver(schema),
  });
  const [metered, setMetered] = useState<Readonly<Record<string, string>>>({});
  const texts = useWatch({ control });
  const filled = Object.fromEntries(Object.entries(texts).map(([name, text]) => [name, text ?? '']));
  const send = handleSubmit(async (values) => {
    const data = said(fields, values);
    if (!data) return;
    const fromMeter = fields.some(({ name }) => metered[name] === values[name]?.trim());
    if ((await onSubmit?.(data, fromMeter ? { simulated: true } : {})) === false) return;
    onTexts?.(values);
    setMetered({});
    reset(start);
  });
  return (
    <form className="ask" noValidate onSubmit={(event) => void send(event)}>
      {fields.length > 0 && (
        <div className="fields">
          {fields.map((field) => (
            <FieldInput
              key={field.name}
              field={field}
              id={field.id ?? `${id}-${field.name}`}
              fault={formState.errors[field.name]?.message}
              input={register(field.name)}
              onTake={(text) => {
                setMetered((before) => ({ ...before, [field.name]: text }));
                setValue(field.name, text, { shouldDirty: true, shouldValidate: true, shouldTouch: true });
              }}
            />
          ))}
        </div>
      )}
      {children?.(said(fields, filled))}
      <Button type="submit" variant={main ? 'primary' : 'secondary'}>
        {submit}
      </Button>
    </form>
  );
}
