import { versionOf } from './lifts/register';
import type { EntryData, EntryKind, NewEntry, Person } from './register';

/** Who writes an entry, when, under which id. */
export interface Made {
  readonly id: string;
  readonly at: string;
  readonly by: Person;
  /** The highest number of the job that the writer’s device knows. */
  readonly seen?: number;
}

/** An entry of the newest version of its kind. */
export const newEntry = <K extends EntryKind>(
  kind: K,
  data: EntryData<K>,
  { id, at, by, seen }: Made,
  corrects?: string,
): NewEntry =>
  // The parameters’ types have tied kind and data together
  ({
    id,
    at,
    by,
    kind,
    version: versionOf(kind),
    data,
    ...(corrects ? { corrects } : {}),
    ...(seen === undefined ? {} : { seen }),
  }) as NewEntry;
