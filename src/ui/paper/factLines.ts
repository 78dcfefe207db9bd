import { sayIn } from '@/words';
import { placeOf, type Job } from '@/core/job';
import { factSaid, type FactField, type FactKind, type Facts } from '@/core/kinds';

/** Facts as lines of a sheet, each by its name and as the place says it; what was not said has no line. */
export function factLines<K extends FactKind>(
  job: Job,
  kind: K,
  said: Partial<Facts<K>>,
  fields: readonly FactField<K>[],
): readonly (readonly [string, string])[] {
  const say = sayIn(placeOf(job));
  const values: Readonly<Record<string, unknown>> = said;
  return fields.flatMap((field) => {
    const value = values[field];
    const fact = value === undefined ? null : factSaid(kind, field, value);
    return fact ? [[say(fact.name), say(fact.value)] as const] : [];
  });
}
