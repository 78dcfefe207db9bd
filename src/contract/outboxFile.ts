import { parseWritten } from './job';
import { isFields, isFigure, isOneOf, isText } from './shapes';
import { RUNGS, type NewEntry, type Person, type Rung } from '@/core/kinds';

export const OUTBOX_FORMAT = 'fox-ladder/outbox';
/** 2: with pictures. One without any is still of version 1, for whoever has an older program. */
export const OUTBOX_VERSION = 2;

/** A picture that waits, and the entries that will name it on whatever device it is sent from. */
export interface HandedPhoto {
  readonly id: string;
  readonly name: string;
  readonly rung: Rung;
  readonly pointId: string;
  readonly at: string;
  /** How far its device’s clock was taken to be behind the server’s then, ms. */
  readonly corrected: number;
  readonly by: Person;
  readonly named: { readonly attachedId: string; readonly describedId: string; readonly seen: number };
  readonly mediaType: string;
  readonly base64: string;
}

/** What one device wrote in one job and the firm does not have. */
export interface HandedOver {
  readonly jobId: string;
  /** Of a job that was made there and that the firm does not know. */
  readonly made?: { readonly title: string; readonly at: string; readonly by: Person };
  readonly entries: readonly NewEntry[];
  readonly photos?: readonly HandedPhoto[];
}

/** A file that carries what waits on a device to another one, where no server can be had at all. */
export const outboxFile = (jobs: readonly HandedOver[], madeAt: string): string =>
  JSON.stringify({
    format: OUTBOX_FORMAT,
    version: jobs.some(({ photos }) => photos !== undefined) ? OUTBOX_VERSION : 1,
    madeAt,
    jobs,
  });

/** Why a file is no outbox. */
export class NoOutbox extends TypeError {}

const isPerson = (value: unknown): value is Person => isFields(value) && isText(value.id) && isText(value.name);

function madeOf(value: unknown): NonNullable<HandedOver['made']> {
  if (!isFields(value)) throw new NoOutbox('unreadable');
  const { title, at, by } = value;
  if (!isText(title) || !isText(at) || !isPerson(by)) throw new NoOutbox('unreadable');
  return { title, at, by: { id: by.id, name: by.name } };
}

const isRung = isOneOf(RUNGS);
const isBase64 = (text: string): boolean => text.length % 4 === 0 && /^[A-Za-z\d+/]+={0,2}$/.test(text);

function photoOf(value: unknown): HandedPhoto {
  if (!isFields(value) || !isFields(value.named)) throw new NoOutbox('unreadable');
  const { id, name, rung, pointId, at, corrected, by, mediaType, base64, named } = value;
  const { attachedId, describedId, seen } = named;
  if (!isText(id) || !isText(name) || !isText(pointId) || !isText(at) || !isText(mediaType) || !isText(base64))
    throw new NoOutbox('unreadable');
  if (!isRung(rung) || !isFigure(corrected) || !isPerson(by)) throw new NoOutbox('unreadable');
  if (!isText(attachedId) || !isText(describedId) || !isFigure(seen)) throw new NoOutbox('unreadable');
  if (!/^image\/[\w.+-]+$/.test(mediaType) || !isBase64(base64)) throw new NoOutbox('unreadable');
  const whose = { id: by.id, name: by.name };
  return {
    id,
    name,
    rung,
    pointId,
    at,
    corrected,
    by: whose,
    named: { attachedId, describedId, seen },
    mediaType,
    base64,
  };
}

/**
 * Reads such a file, entries of any version of their kinds.
 * @throws NoOutbox where it is another file, of a newer program, or cut off
 */
export function outboxOf(text: string): readonly HandedOver[] {
  let read: unknown;
  try {
    read = JSON.parse(text);
  } catch {
    throw new NoOutbox('unreadable');
  }
  if (!isFields(read) || read.format !== OUTBOX_FORMAT || !Array.isArray(read.jobs)) throw new NoOutbox('another');
  if (typeof read.version !== 'number' || read.version > OUTBOX_VERSION) throw new NoOutbox('newer');
  return (read.jobs as readonly unknown[]).map((job): HandedOver => {
    if (!isFields(job) || !isText(job.jobId) || !Array.isArray(job.entries)) throw new NoOutbox('unreadable');
    const made = job.made === undefined ? null : madeOf(job.made);
    if (job.photos !== undefined && !Array.isArray(job.photos)) throw new NoOutbox('unreadable');
    const photos = (job.photos as readonly unknown[] | undefined)?.map(photoOf);
    try {
      const entries = (job.entries as readonly unknown[]).map(parseWritten);
      return { jobId: job.jobId, ...(made ? { made } : {}), entries, ...(photos ? { photos } : {}) };
    } catch {
      throw new NoOutbox('unreadable');
    }
  });
}
