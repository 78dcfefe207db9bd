import { ERASED_TEXT, erasedData, partedData, type NewEntry } from '@/core/kinds';
import { openText, sealText } from './seal';

/** What a sealed text belongs to; it opens nowhere else. */
const aboutEntry = (jobId: string, entryId: string): string => `${jobId}/${entryId}`;
const aboutTitle = (jobId: string): string => `${jobId}/title`;

export const sealedTitle = (key: Uint8Array, jobId: string, title: string): string =>
  sealText(key, aboutTitle(jobId), title);

/** A job’s title; a dash where its customer was erased. */
export const openedTitle = (key: Uint8Array | null, jobId: string, sealed: string): string =>
  key ? openText(key, aboutTitle(jobId), sealed) : ERASED_TEXT;

/** The columns that hold an entry’s data. */
export interface DataColumns {
  /** JSON of the record. */
  readonly data: string;
  /** Sealed JSON of what tells of the customer; null where nothing does. */
  readonly sealed: string | null;
}

export function sealedData(key: Uint8Array, jobId: string, entry: Pick<NewEntry, 'id' | 'kind' | 'data'>): DataColumns {
  const { record, personal } = partedData(entry);
  const sealed = personal && sealText(key, aboutEntry(jobId, entry.id), JSON.stringify(personal));
  return { data: JSON.stringify(record), sealed };
}

/** An entry’s data as it was written, or as it stands once its customer was erased. */
export function openedData(
  key: Uint8Array | null,
  jobId: string,
  { id, kind, data, sealed }: DataColumns & { readonly id: string; readonly kind: string },
): Readonly<Record<string, unknown>> {
  const record = JSON.parse(data) as Readonly<Record<string, unknown>>;
  if (sealed === null) return record;
  if (!key) return erasedData(kind, record);
  const personal = JSON.parse(openText(key, aboutEntry(jobId, id), sealed)) as Readonly<Record<string, unknown>>;
  return { ...record, ...personal };
}
