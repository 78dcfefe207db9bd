import type { AlsoSaid } from '../job/job';
import type { Entry, Person } from '../kinds/register';

/** Whether two values of a field say the same; lists by what is in them. */
const same = (one: unknown, other: unknown): boolean =>
  one === other || (typeof one === 'object' && JSON.stringify(one) === JSON.stringify(other));

/** The last word on one field. */
interface Word {
  readonly value: unknown;
  readonly by: Person;
  readonly at: string;
}

interface Page {
  readonly words: Map<string, Word>;
  readonly others: Map<string, AlsoSaid>;
}

/** Collects what is said of fields, the later word over the earlier, and what somebody else had said. */
export class FactBook {
  private readonly pages = new Map<string, Page>();

  /**
   * @param scope what the fields belong to: a kind, with the point or thing where it has one
   * @param of the point or thing
   */
  say(scope: string, entry: Entry, of: string | null, data: Readonly<Record<string, unknown>>): void {
    const page = this.pages.get(scope) ?? { words: new Map<string, Word>(), others: new Map<string, AlsoSaid>() };
    this.pages.set(scope, page);
    for (const [field, value] of Object.entries(data)) {
      if (value === undefined) continue;
      const before = page.words.get(field);
      page.words.set(field, { value, by: entry.by, at: entry.at });
      if (before && before.value !== null && before.by.id !== entry.by.id && !same(before.value, value))
        page.others.set(field, {
          of,
          kind: entry.kind,
          about: entry.data,
          field,
          value: before.value,
          by: before.by,
          at: before.at,
        });
      // Agreement settles it
      else if (
        same(page.others.get(field)?.value, value) ||
        (before && same(before.value, value) && before.by.id !== entry.by.id)
      )
        page.others.delete(field);
    }
  }

  /** Fields of a scope that stand, without those that were nulled. */
  facts(scope: string): Readonly<Record<string, unknown>> {
    const words = this.pages.get(scope)?.words ?? [];
    return Object.fromEntries([...words].flatMap(([field, { value }]) => (value === null ? [] : [[field, value]])));
  }

  alsoSaid(): readonly AlsoSaid[] {
    return [...this.pages.values()].flatMap((page) => [...page.others.values()]);
  }
}
