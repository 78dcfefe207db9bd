'use client';
import { yupResolver } from '@hookform/resolvers/yup';
import { useId, useMemo, type FocusEvent } from 'react';
import { useForm } from 'react-hook-form';
import type { EntryData, EntryKind } from '@/core/job';
import { useJob } from '../job/JobContext';
import type { TypedField } from './field';
import { formSchema } from './formSchema';

type Texts = Readonly<Record<string, string>>;

interface Props<K extends EntryKind> {
  readonly legend?: string;
  readonly kind: K;
  /** What every entry of this group carries: the point, the run. */
  readonly scope: Partial<EntryData<K>>;
  readonly fields: readonly TypedField[];
}

/** The changed fields as one entry's data; null where nothing changed or something is wrong. */
function changedData(fields: readonly TypedField[], texts: Texts): object | null {
  let data: object = {};
  let changed = false;
  for (const field of fields) {
    const text = (texts[field.name] ?? '').trim();
    if (text === field.shown) continue;
    const result = text === '' ? { ok: true as const, value: field.cleared } : field.read(text, texts);
    if (!result.ok) return null;
    changed = true;
    data = { ...data, ...result.value };
  }
  return changed ? data : null;
}

/** A group of fields that saves itself: one entry when it is left or Enter is pressed, what changed and nothing else. */
export function FieldGroup<K extends EntryKind>({ legend, kind, scope, fields }: Props<K>) {
  const { write, draft } = useJob();
  const id = useId();
  const values = useMemo(() => Object.fromEntries(fields.map(({ name, shown }) => [name, shown])), [fields]);
  const schema = useMemo(() => formSchema(fields), [fields]);
  const { register, handleSubmit, getValues, formState } = useForm<Record<string, string>>({
    values,
    mode: 'onChange',
    resetOptions: { keepDirtyValues: true },
    resolver: yupResolver(schema),
  });
  // The scope and the fields of a group make up the data of its kind
  const dataOf = (data: object): EntryData<K> => ({ ...scope, ...data });
  const keep = handleSubmit((texts) => {
    const data = changedData(fields, texts);
    if (data) write(kind, dataOf(data));
  });
  const left = (event: FocusEvent<HTMLFormElement>) => {
    if (!event.currentTarget.contains(event.relatedTarget)) void keep();
  };
  return (
    <form className="group" onSubmit={(event) => void keep(event)} onBlur={left} noValidate>
      {legend && <h2>{legend}</h2>}
      <div className="fields">
        {fields.map((field) => {
          const fault = formState.errors[field.name]?.message;
          return (
            <div key={field.name} className={`field${fault ? ' wrong' : ''}`}>
              <label htmlFor={`${id}-${field.name}`}>{field.label}</label>
              <div className={`box${field.figure ? ' figure' : ''}`}>
                <input
                  id={`${id}-${field.name}`}
                  inputMode={field.figure ? 'decimal' : 'text'}
                  autoComplete="off"
                  placeholder={field.hint}
                  aria-invalid={fault ? true : undefined}
                  aria-describedby={fault ? `${id}-${field.name}-fault` : undefined}
                  {...register(field.name, {
                    onChange: () => {
                      const data = changedData(fields, getValues());
                      draft(data ? { kind, data: dataOf(data) } : null);
                    },
                  })}
                />
                {field.unit && <span className="unit">{field.unit}</span>}
              </div>
              {fault && (
                <div className="fault" id={`${id}-${field.name}-fault`} role="alert">
                  {fault}
                </div>
              )}
            </div>
          );
        })}
      </div>
      <button type="submit" className="hidden-visually" tabIndex={-1}>
        Keep
      </button>
    </form>
  );
}
