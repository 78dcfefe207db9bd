import type { EntryData, EntryKind, Person } from './register';

/** Fields that say what an entry is of; all others are facts of it. */
type Scope = 'pointId' | 'circuitId' | 'run' | 'cableId' | 'supplyId' | 'chimeId' | 'boxId';

/** What stands of one kind's fields after all entries: the last value said; a field that was nulled is gone. */
export type Facts<K extends EntryKind> = {
  readonly [F in Exclude<keyof EntryData<K>, Scope>]?: NonNullable<EntryData<K>[F]>;
};

/** Who wrote the entry that something came from. */
export interface Source {
  readonly entryId: string;
  readonly by: Person;
  readonly at: string;
}

/** An entry’s data with its source. */
export type Taken<K extends EntryKind> = Source & { readonly data: EntryData<K> };
