import type { AlsoSaid } from '../job/job';
import type { Conflict } from '../job/job';
import type { Entry, Person } from '../kinds/register';
import { rivalsOf, saysSame as same, type Word as Told } from './conflicts';

/** The last word on one field. */
interface Word {
  readonly value: unknown;
  readonly by: Person;
  readonly at: string;
}

/** All that was said of one fact, in its order. */
interface Fact {
  readonly of: string | null;
  readonly field: string | null;
  readonly words: (Told & { readonly entry: Entry })[];
}

interface Page {
  readonly words: Map<string, Word>;
  readonly others: Map<string, AlsoSaid>;
}

/** Collects what is said of fields, the later word over the earlier, and what somebody else had said. */
export class FactBook {
  private readonly pages = new Map<string, Page>();
  private readonly told = new Map<string, Fact>();

  /** Remembers who said what of a fact. @param field null: the entry says it as a whole */
  tell(fact: string, entry: Entry, of: string | null, field: string | null, value: unknown): void {
    const known = this.told.get(fact) ?? { of, field, words: [] };
    this.told.set(fact, known);
    const { id: entryId, by, seq, seen } = entry;
    known.words.push({ entryId, byId: by.id, seq, seen: seen ?? seq - 1, value, entry });
  }

  /** Facts of which two say different things, neither having seen the other’s. */
  conflicts(): readonly Conflict[] {
    return [...this.told].flatMap(([fact, { of, field, words }]) => {
      const last = words.at(-1);
      // One word stands against nothing: most facts have one
      if (!last || words.length < 2) return [];
      return rivalsOf(words).flatMap((rival): readonly Conflict[] => {
        const other = words.find(({ entryId }) => entryId === rival.entryId);
        return other
          ? [{ fact, entries: [rival.entryId, last.entryId], of, field, answers: [answerOf(other), answerOf(last)] }]
          : [];
      });
    });
  }

  /**
   * @param scope what the fields belong to: a kind, with the point or thing where it has one
   * @param of the point or thing
   */
  say(scope: string, entry: Entry, of: string | null, data: Readonly<Record<string, unknown>>): void {
    const page = this.pages.get(scope) ?? { words: new Map<string, Word>(), others: new Map<string, AlsoSaid>() };
    this.pages.set(scope, page);
    for (const [field, value] of Object.entries(data)) {
      if (value === undefined) continue;
      this.tell(`${scope}/${field}`, entry, of, field, value);
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

  /** What was said of some fields is of something that is not there any more. */
  forget(scope: string, fields: readonly string[]): void {
    const page = this.pages.get(scope);
    for (const field of fields) {
      page?.words.delete(field);
      this.told.delete(`${scope}/${field}`);
      page?.others.delete(field);
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

const answerOf = ({ value, entry: { kind, data, by, at } }: Fact['words'][number]): Conflict['answers'][number] => ({
  value,
  kind,
  data,
  by,
  at,
});
