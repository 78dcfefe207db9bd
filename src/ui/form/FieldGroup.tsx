'use client';
import { formWords } from '@/words/screens';
import { useSay } from '../log/useSay';
import { useId, useMemo, useRef, useState, type FocusEvent } from 'react';
import { useForm } from 'react-hook-form';
import type { EntryData, EntryKind } from '@/core/kinds';
import { useJob } from '../log/JobContext';
import { useTyped } from '../log/useTyped';
import type { TypedField } from './field';
import { FieldInput } from './FieldInput';
import { readTexts, resolved, type Parts, type Texts } from './readTexts';

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
 * The changed fields as one entry's data; null where nothing changed.
 * @param parts what the fields say, as they were read
 * @param metered texts that came from the simulated meter, by field: as long as one stands unchanged, so it is marked
 */
function changedData(fields: readonly TypedField[], texts: Texts, parts: Parts, metered: Texts): object | null {
  let data: object = {};
  let changed = false;
  for (const { name, shown } of fields) {
    const text = (texts[name] ?? '').trim();
    const part = parts[name];
    if (text === shown || part === undefined) continue;
    // A field may belong to another one and say nothing by itself
    changed ||= Object.keys(part).length > 0;
    data = { ...data, ...part, ...(metered[name] === text ? { simulated: true } : {}) };
  }
  return changed ? data : null;
}

/** What a group of fields is called among the forms of a job. */
export const groupName = (kind: EntryKind, scope: object, fields: readonly { readonly name: string }[]): string =>
  `${kind}/${JSON.stringify(scope)}/${fields.map(({ name }) => name).join()}`;

/** A group of fields that saves itself: one entry when it is left or Enter is pressed, what changed and nothing else. */
export function FieldGroup<K extends EntryKind>({ legend, kind, scope, fields, clears = false }: Props<K>) {
  const { write, draft } = useJob();
  const id = useId();
  const values = useMemo(() => Object.fromEntries(fields.map(({ name, shown }) => [name, shown])), [fields]);
  const say = useSay();
  const [metered, setMetered] = useState<Texts>({});
  // The scope and the fields of a group make up the data of its kind
  const dataOf = (data: object): EntryData<K> => ({ ...scope, ...data });
  const { register, handleSubmit, getValues, setValue, reset, formState } = useForm<Texts, unknown, Parts>({
    values,
    mode: 'onChange',
    resetOptions: { keepDirtyValues: true },
    // Read once for all that follows: what is wrong at a field, what is shown while it is typed, what is written
    resolver: (texts) => {
      const read = readTexts(fields, texts, say);
      const fine = Object.keys(read.faults).length === 0;
      const data = fine ? changedData(fields, texts, read.parts, metered) : null;
      draft(data ? { kind, data: dataOf(data) } : null);
      return resolved(read);
    },
  });
  const labels = useMemo(() => Object.fromEntries(fields.map(({ name, label }) => [name, label])), [fields]);
  const form = groupName(kind, scope, fields);
  const typed = useTyped(form, labels, (texts) => {
    for (const [name, text] of Object.entries(texts))
      if (name in values) setValue(name, text, { shouldDirty: true, shouldValidate: true });
  });
  /** What differs from what stands outlives the page. */
  const keepTyped = () => {
    const texts = getValues();
    const isTyped = fields.some(({ name, shown }) => (texts[name] ?? '').trim() !== shown);
    typed.keep(isTyped ? texts : null);
  };
  const written = useRef<string | null>(null);
  const keepParts = (parts: Parts, fromMeter: Texts = metered) => {
    const texts = getValues();
    const data = changedData(fields, texts, parts, fromMeter);
    // Enter and leaving the group may both come before what was written stands in the fields
    const now = JSON.stringify(texts);
    if (!data || now === written.current) return;
    written.current = now;
    typed.keep(null);
    write(kind, dataOf(data));
    // From here on the fields follow the log again: another one’s answer shows as soon as it is known
    reset(clears ? values : texts, { keepDirtyValues: false });
  };
  const left = (event: FocusEvent<HTMLFormElement>) => {
    if (!event.currentTarget.contains(event.relatedTarget)) void handleSubmit((parts) => keepParts(parts))();
  };
  const take = (name: string, text: string) => {
    const fromMeter = { ...metered, [name]: text };
    setMetered(fromMeter);
    setValue(name, text, { shouldDirty: true, shouldValidate: true });
    written.current = null;
    void handleSubmit((parts) => keepParts(parts, fromMeter))();
  };
  return (
    <form
      className="group"
      onSubmit={(event) => void handleSubmit((parts) => keepParts(parts))(event)}
      onBlur={left}
      onChange={keepTyped}
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
            input={register(field.name)}
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
