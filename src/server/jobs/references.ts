import type { Entry, NewEntry } from '@/core/job';
import { ProblemError } from '@/contract/problem';

/** What an entry points at, gathered along the log. */
interface Known {
  readonly entries: Map<string, string>;
  readonly points: Set<string>;
  readonly photos: Set<string>;
}

const refuse = (index: number, field: string, message: string): never => {
  throw new ProblemError(422, `entries[${index}].${field}: ${message}`, [
    { path: `entries[${index}].${field}`, message },
  ]);
};

function take(known: Known, entry: NewEntry): void {
  known.entries.set(entry.id, entry.kind);
  if (entry.kind === 'pointAdded') known.points.add(entry.data.pointId);
  if (entry.kind === 'photoAttached') known.photos.add(entry.data.photoId);
}

/** What an entry says of photos must be of one that was handed in. */
function checkPhoto(known: Known, files: ReadonlySet<string>, entry: NewEntry, index: number): void {
  if (entry.kind === 'photoAttached' && !files.has(entry.data.sha256))
    refuse(index, 'data.sha256', 'this picture was not handed in for this job');
  if (entry.kind !== 'photoDescribed') return;
  if (!known.photos.has(entry.data.photoId)) refuse(index, 'data.photoId', 'this job has no such photo');
  if (entry.data.pointOf && !known.points.has(entry.data.pointOf))
    refuse(index, 'data.pointOf', 'this job has no such point');
}

/**
 * Refuses entries that speak of a point or a photo, or strike or correct an entry, that the job does not hold.
 * @param files hashes of the pictures that were handed in for this job
 * @throws ProblemError 422
 */
export function checkReferences(
  standing: readonly Entry[],
  added: readonly NewEntry[],
  files: ReadonlySet<string>,
): void {
  const known: Known = { entries: new Map(), points: new Set(), photos: new Set() };
  for (const entry of standing) take(known, entry);
  added.forEach((entry, index) => {
    if (entry.kind !== 'pointAdded' && 'pointId' in entry.data && !known.points.has(entry.data.pointId))
      refuse(index, 'data.pointId', 'this job has no such point');
    checkPhoto(known, files, entry, index);
    if (entry.kind === 'entryStruck' && !known.entries.has(entry.data.target))
      refuse(index, 'data.target', 'this job has no such entry to strike');
    if (entry.corrects !== undefined && known.entries.get(entry.corrects) !== entry.kind)
      refuse(index, 'corrects', 'this job has no such entry of this kind to correct');
    take(known, entry);
  });
}
