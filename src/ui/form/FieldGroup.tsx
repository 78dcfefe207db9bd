'use client';
import { formWords } from '@/words/screens';
import { useSay } from '../log/useSay';
import { yupResolver } from '@hookform/resolvers/yup';
import { useId, useMemo, useRef, useState, type FocusEvent } from 'react';
import { useForm } from 'react-hook-form';
import type { EntryData, EntryKind } from '@/core/kinds';
import { useJob } from '../log/JobContext';
import type { TypedField } from './field';
import { FieldInput } from './FieldInput';
import { formSchema } from './formSchema';

type Texts = Readonly<Record<string, string>>;

interface Props<K extends EntryKind> {
  readonly legend?: string;
  readonly kind: K;
  /** What every entry of this group carries: the point, the run. */
  readonly scope: Partial<EntryData<K>>;
  readonly fields: readonly TypedField<Partial<EntryData<K>>>[];
  /** The fields take something new each time: they are empty again once it is written. */
  readonly clears?: boolean;
}

/**
 * The changed fields as one entry's data; null where nothing changed or something is wrong.
 * @param metered texts that came from the simulated meter, by field: as long as one stands unchanged, so it is marked
 */
function changedData(fields: readonly TypedField[], texts: Texts, metered: Texts): object | null {
  let data: object = {};
  let changed = false;
  for (const field of fields) {
    const text = (texts[field.name] ?? '').trim();
    if (text === field.shown) continue;
    const result = text === '' ? { ok: true as const, value: field.cleared } : field.read(text, texts);
    if (!result.ok) return null;
    // A field may belong to another one and say nothing by itself
    changed ||= Object.keys(result.value).length > 0;
    data = { ...data, ...result.value, ...(metered[field.name] === text ? { simulated: true } : {}) };
  }
  return changed ? data : null;
}

/** A group of fields that saves itself: one entry when it is left or Enter is pressed, what changed and nothing else. */
export function FieldGroup<K extends EntryKind>({ legend, kind, scope, fields, clears = false }: Props<K>) {
  const { write, draft } = useJob();
  const id = useId();
  const values = useMemo(() => Object.fromEntries(fields.map(({ name, shown }) => [name, shown])), [fields]);
  const say = useSay();
  const schema = useMemo(() => formSchema(fields, say), [fields, say]);
  const { register, handleSubmit, getValues, setValue, reset, formState } = useForm<Record<string, string>>({
    values,
    mode: 'onChange',
    resetOptions: { keepDirtyValues: true },
    resolver: yupResolver(schema),
  });
  // The scope and the fields of a group make up the data of its kind
  const dataOf = (data: object): EntryData<K> => ({ ...scope, ...data });
  const written = useRef<string | null>(null);
  const [metered, setMetered] = useState<Texts>({});
  const keepTexts = (texts: Texts, fromMeter: Texts = metered) => {
    const data = changedData(fields, texts, fromMeter);
    // Enter and leaving the group may both come before what was written stands in the fields
    const now = JSON.stringify(texts);
    if (!data || now === written.current) return;
    written.current = now;
    write(kind, dataOf(data));
    if (clears) reset(values, { keepDirtyValues: false });
  };
  const left = (event: FocusEvent<HTMLFormElement>) => {
    if (!event.currentTarget.contains(event.relatedTarget)) void handleSubmit((texts) => keepTexts(texts))();
  };
  const take = (name: string, text: string) => {
    const fromMeter = { ...metered, [name]: text };
    setMetered(fromMeter);
    setValue(name, text, { shouldDirty: true, shouldValidate: true });
    written.current = null;
    void handleSubmit((texts) => keepTexts(texts, fromMeter))();
  };
  return (
    <form
      className="group"
      onSubmit={(event) => void handleSubmit((texts) => keepTexts(texts))(event)}
      onBlur={left}
      onInput={() => {
        written.current = null;
      }}
      noValidate
    >
      {legend && <h2>{legend}</h2>}
      <div className="fields">
        {fields.map((field) => (
          <FieldInput
            key={field.name}
            field={field}
            id={field.id ?? `${id}-${field.name}`}
            fault={formState.errors[field.name]?.message}
            input={register(field.name, {
              onChange: () => {
                const data = changedData(fields, getValues(), metered);
                draft(data ? { kind, data: dataOf(data) } : null);
              },
            })}
            onTake={(text) => take(field.name, text)}
          />
        ))}
      </div>
      <button type="submit" className="visually-hidden" tabIndex={-1}>
        {formWords.keep}
      </button>
    </form>
  );
}
