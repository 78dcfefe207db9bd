'use client';
import { Button } from 'react-bootstrap';
import { JobContext } from '../log/JobContext';
import { useSay } from '../log/useSay';
import { useTyped } from '../log/useTyped';
import { useContext, useEffect, useId, useMemo, useRef, useState, type ReactNode } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import type { DataOf, TypedField } from './field';
import { FieldInput } from './FieldInput';
import { readTexts, resolved, together, type Parts, type Texts } from './readTexts';

/** What is known of how the fields were filled: that one of the figures came from the simulated meter. */
interface Marks {
  readonly simulated?: true;
  /** It was written by the button that says yes to all that is asked beside the fields. */
  readonly whole?: true;
}

interface Props<F extends readonly TypedField[]> {
  readonly fields: F;
  readonly submit: string;
  /** What it asks about, where a page asks the same of several things: a circuit, a check. */
  readonly about?: string;
  readonly main?: boolean;
  /** It is closed by hand, and what was typed in it goes with it. */
  readonly closes?: boolean;
  /** Texts that a button puts into fields at once: what all of them often read. */
  readonly fill?: { readonly words: string; readonly texts: Readonly<Record<string, string>> };
  /** Words of a second button, which writes and says yes to all that is asked beside the fields. */
  readonly whole?: string | undefined;
  /** Called with what the fields say together. Where it comes to false, what was typed stays as it is. */
  readonly onSubmit?: (data: DataOf<F>, marks: Marks) => unknown;
  /** Called with the texts as they stand, for who makes one list of them. */
  readonly onTexts?: (texts: Readonly<Record<string, string>>) => void;
  /** What follows from the fields while they are typed; null until all of them can be read. */
  readonly children?: (data: DataOf<F> | null) => ReactNode;
}

/** How the names of all questions begin that a page asks about one thing. */
export const askName = (pointId: string, about: string): string => `ask/${pointId}/${about}/`;

/** Questions that are answered together and written by a button, not by leaving them. */
export function AskForm<const F extends readonly TypedField[]>({
  fields,
  submit,
  about = '',
  main = false,
  closes = false,
  fill,
  whole,
  onSubmit,
  onTexts,
  children,
}: Props<F>) {
  const id = useId();
  const say = useSay();
  const start = Object.fromEntries(fields.map(({ name, shown }) => [name, shown]));
  const { register, handleSubmit, getValues, control, reset, setValue, formState } = useForm<Texts, unknown, Parts>({
    defaultValues: start,
    mode: 'onTouched',
    resolver: (texts) => resolved(readTexts(fields, texts, say, 'required')),
  });
  const labels = useMemo(() => Object.fromEntries(fields.map(({ name, label }) => [name, label])), [fields]);
  const point = useContext(JobContext)?.point.id ?? '';
  const form = `${askName(point, about)}${submit}/${fields.map(({ name }) => name).join()}`;
  const typed = useTyped(form, labels, (left) => {
    for (const [name, text] of Object.entries(left)) if (name in start) setValue(name, text, { shouldDirty: true });
  });
  const drop = useRef(() => undefined as void);
  useEffect(() => {
    drop.current = () => typed.keep(null);
  });
  // A page that is put away closes nothing
  useEffect(() => (closes ? () => drop.current() : undefined), [closes]);
  /** What differs from what stands outlives the page. */
  const keepTyped = () => {
    const now = getValues();
    const other = fields.filter(({ name, shown }) => (now[name] ?? '').trim() !== shown);
    typed.keep(other.length > 0 ? Object.fromEntries(other.map(({ name }) => [name, now[name] ?? ''])) : null);
  };
  const [metered, setMetered] = useState<Readonly<Record<string, string>>>({});
  const texts = useWatch({ control });
  // Each field has given its part of it
  const dataOf = (parts: Parts) => together(parts) as DataOf<F>;
  const write = async (parts: Parts, isWhole: boolean) => {
    const values = getValues();
    const fromMeter = fields.some(({ name }) => metered[name] === values[name]?.trim());
    // Before it is written: what comes in its place may ask the same of the next thing
    typed.keep(null);
    const marks: Marks = {
      ...(fromMeter ? { simulated: true } : {}),
      ...(isWhole ? { whole: true } : {}),
    };
    if ((await onSubmit?.(dataOf(parts), marks)) === false) return typed.keep(values);
    onTexts?.(values);
    setMetered({});
    reset(start);
  };
  const send = handleSubmit((parts) => write(parts, false));
  const sendWhole = handleSubmit((parts) => write(parts, true));
  const shown = (typed: Partial<Texts>): DataOf<F> | null => {
    const filled = Object.fromEntries(Object.entries(typed).map(([name, text]) => [name, text ?? '']));
    const { parts, faults } = readTexts(fields, filled, say, 'required');
    return Object.keys(faults).length === 0 ? dataOf(parts) : null;
  };
  return (
    <form className="ask" noValidate onChange={keepTyped} onSubmit={(event) => void send(event)}>
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
                keepTyped();
              }}
            />
          ))}
        </div>
      )}
      {fill && (
        <Button
          variant="link"
          onClick={() => {
            for (const [name, text] of Object.entries(fill.texts))
              setValue(name, text, { shouldDirty: true, shouldValidate: true, shouldTouch: true });
            keepTyped();
          }}
        >
          {fill.words}
        </Button>
      )}
      {children?.(shown(texts))}
      <div className="row-of">
        {whole !== undefined && (
          // No submit button: the Enter key says nothing that was not tapped
          <Button variant={main ? 'primary' : 'secondary'} onClick={() => void sendWhole()}>
            {whole}
          </Button>
        )}
        <Button type="submit" variant={main && whole === undefined ? 'primary' : 'secondary'}>
          {submit}
        </Button>
      </div>
    </form>
  );
}
