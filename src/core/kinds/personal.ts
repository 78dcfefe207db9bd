import type { EntryData, EntryKind, NewEntry } from './register';

/** What stands in the place of what was said of a customer who was erased. A note without its text says that it was one. */
export const ERASED_TEXT = '–';

type PersonalOf<K extends EntryKind> = { readonly [F in keyof EntryData<K>]?: null | typeof ERASED_TEXT };

/**
 * The fields that tell of the customer, kind by kind, each with what stands in its place once the customer is erased. All
 * else is the record of what was found, built and proved: it stays.
 */
const PERSONAL: { readonly [K in EntryKind]?: PersonalOf<K> } = {
  siteDescribed: { name: null, address: null, access: null },
  customerDescribed: { name: null, wifiName: null, owner: null, sharers: null },
  troubleOpened: { words: null },
  deviceDescribed: { network: null },
  photoDescribed: { caption: null, marks: null },
  pointLeft: { customer: null, remark: null, signature: null, unsignedWhy: null },
  noteWritten: { text: ERASED_TEXT },
};

type Fields = Readonly<Record<string, unknown>>;

/** An entry's data in two parts: the record, and what tells of the customer; null where nothing does. */
export function partedData({ kind, data }: Pick<NewEntry, 'kind' | 'data'>): {
  readonly record: Fields;
  readonly personal: Fields | null;
} {
  const named: Fields = PERSONAL[kind] ?? {};
  const of = (isPersonal: boolean) =>
    Object.entries(data as Fields).filter(([field, value]) => isPersonal === (field in named && value !== null));
  const personal = of(true);
  return { record: Object.fromEntries(of(false)), personal: personal.length > 0 ? Object.fromEntries(personal) : null };
}

/** The data of an entry whose customer was erased: nothing is said of them any more. */
export const erasedData = (kind: string, record: Fields): Fields => ({
  ...record,
  ...(PERSONAL as Readonly<Partial<Record<string, Fields>>>)[kind],
});
