'use client';
import { useSay } from '../log/useSay';
import type { ReactNode } from 'react';
import type { Fact } from '@/core/facts';
import { said as says } from '@/core/said';
import { lengthsOf } from '@/core/job';
import { factOf, type EntryData, type FactField, type FactKind, type Facts, type FieldOf } from '@/core/kinds';
import { otherAnswer } from '@/core/points';
import { useJob } from '../log/JobContext';
import { Choices } from './Choices';
import type { TypedField } from './field';
import { figureField, runField, tapeField, textField } from './fields';
import { Several } from './Several';

type Typed<K extends FactKind> = FieldOf<K, 'text' | 'figure' | 'tape' | 'run'>;
type Tapped<K extends FactKind> = FieldOf<K, 'choice' | 'choices'>;
type More = Partial<Pick<TypedField, 'asked' | 'optional' | 'id' | 'hint' | 'meter' | 'label'>>;

/** How facts of one thing are asked. */
export interface AskedFacts<K extends FactKind> {
  /** A field that is typed; its label, unit and limits are the fact’s. */
  readonly typed: (field: Typed<K>, more?: More) => TypedField<Partial<EntryData<K>>>;
  /** One of a few, or several of them, tapped and written at once. @param only answers that are offered here */
  readonly ask: (field: Tapped<K>, only?: (answer: string) => boolean) => ReactNode;
  /** What a fact is called here. */
  readonly called: (field: FactField<K>) => string;
  /** What an answer is called here. */
  readonly words: (field: Tapped<K>, answer: string) => string;
}

/**
 * Asks for facts of a thing as they are described, each once, in the words and units of the place.
 * @param scope what the entries are of
 * @param said what stands now
 */
export function useFacts<K extends FactKind>(
  kind: K,
  scope: Partial<EntryData<K>>,
  said: Partial<Facts<K>>,
): AskedFacts<K> {
  const say = useSay();
  const { keptJob, write } = useJob();
  const lengths = lengthsOf(keptJob);
  const described = (field: string): Fact => {
    const one = factOf(kind, field);
    if (!one) throw new Error(`no fact ${field} of ${kind}`);
    return one;
  };
  const called = (field: string): string => say(says('fact', { kind, field }));
  const values: Readonly<Record<string, unknown>> = said;
  const dataOf = (data: object): EntryData<K> => ({ ...scope, ...data });
  const figure = (field: string): number | undefined => {
    const value = values[field];
    return typeof value === 'number' ? value : undefined;
  };
  const also = (field: string): { readonly also?: string } => {
    const other = otherAnswer(keptJob, kind, scope, field);
    return other === null ? {} : { also: say(other) };
  };
  const plain = (field: string): TypedField<Partial<EntryData<K>>> => {
    const { form } = described(field);
    const label = called(field);
    const value = values[field];
    switch (form.is) {
      case 'text':
        return textField(field, label, typeof value === 'string' ? value : undefined, { most: form.most });
      case 'figure':
        return figureField(field, label, form.rule, figure(field));
      case 'tape':
        return tapeField(field, label, lengths, figure(field), form.limits);
      case 'run':
        return runField(field, label, lengths, figure(field), form.limits);
      default:
        throw new Error(`${field} of ${kind} is not typed`);
    }
  };
  const answersOf = (field: string) => {
    const { form } = described(field);
    return form.is === 'choice' || form.is === 'choices'
      ? form.answers.map((value) => ({ value, words: say(says('answer', { kind, field, value })) }))
      : [];
  };
  return {
    typed: (field, more = {}) => ({ ...plain(field), ...also(field), ...more }),
    ask: (field, only = () => true) => {
      const { form } = described(field);
      const label = called(field);
      const options = answersOf(field).filter(({ value }) => only(value));
      const value = values[field];
      return form.is === 'choices' ? (
        <Several
          key={field}
          label={label}
          options={options}
          {...also(field)}
          chosen={Array.isArray(value) ? value.map(String) : []}
          onChange={(chosen) => write(kind, dataOf({ [field]: chosen }))}
        />
      ) : (
        <Choices
          key={field}
          label={label}
          options={options}
          {...also(field)}
          chosen={typeof value === 'string' ? value : undefined}
          onPick={(picked) => write(kind, dataOf({ [field]: picked }))}
        />
      );
    },
    called,
    words: (field, answer) => answersOf(field).find(({ value }) => value === answer)?.words ?? answer,
  };
}
