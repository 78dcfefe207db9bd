import { said, type Text } from '../said';
import { factOf, type Answer, type FactField, type FactKind } from './facts';

/** What a fact is called. */
export const factName = <K extends FactKind>(kind: K, field: FactField<K>): Text => said('fact', { kind, field });

/** What an answer to a fact is called. */
export const answerName = <K extends FactKind, F extends FactField<K>>(kind: K, field: F, value: Answer<K, F>): Text =>
  said('answer', { kind, field, value });

/** A fact that was said of something, with what was said: “lead reaches out of the hole”, “3 1/2 in”. */
export interface FactSaid {
  readonly name: Text;
  readonly value: Text;
}

/** What was said of a fact, as a sentence or a row says it; null where the field is no fact that is described. */
export function factSaid(kind: string, field: string, value: unknown): FactSaid | null {
  const described = factOf(kind, field);
  return described ? { name: said('fact', { kind, field }), value: valueText(kind, field, value) } : null;
}

function valueText(kind: string, field: string, value: unknown): Text {
  const form = factOf(kind, field)?.form;
  switch (form?.is) {
    case 'figure':
      return `${Number(Number(value).toFixed(3))}${form.rule.unit ? ` ${form.rule.unit}` : ''}`;
    case 'tape':
      return said('tapeLength', { metres: Number(value) });
    case 'run':
      return said('length', { metres: Number(value) });
    case 'choice':
    case 'choices': {
      const given: readonly unknown[] = Array.isArray(value) ? value : [value];
      return said('listed', { items: given.map((one) => said('answer', { kind, field, value: String(one) })) });
    }
    case 'other':
      return form.say(value);
    case 'text':
    case undefined:
      return String(value);
  }
}
