import type { Entry, NewEntry } from '@/core/job';
import { ProblemError } from '@/contract/problem';

/** What an entry points at, gathered along the log. */
interface Known {
  readonly entries: Map<string, string>;
  readonly points: Set<string>;
}

const refuse = (index: number, field: string, message: string): never => {
  throw new ProblemError(422, `entries[${index}].${field}: ${message}`, [
    { path: `entries[${index}].${field}`, message },
  ]);
};

function take(known: Known, entry: NewEntry): void {
  known.entries.set(entry.id, entry.kind);
  if (entry.kind === 'pointAdded') known.points.add(entry.data.pointId);
}

/**
 * Refuses entries that speak of a point, or strike or correct an entry, that the job does not hold.
 * @throws ProblemError 422
 */
export function checkReferences(standing: readonly Entry[], added: readonly NewEntry[]): void {
  const known: Known = { entries: new Map(), points: new Set() };
  for (const entry of standing) take(known, entry);
  added.forEach((entry, index) => {
    if (entry.kind !== 'pointAdded' && 'pointId' in entry.data && !known.points.has(entry.data.pointId))
      refuse(index, 'data.pointId', 'this job has no such point');
    if (entry.kind === 'entryStruck' && !known.entries.has(entry.data.target))
      refuse(index, 'data.target', 'this job has no such entry to strike');
    if (entry.corrects !== undefined && known.entries.get(entry.corrects) !== entry.kind)
      refuse(index, 'corrects', 'this job has no such entry of this kind to correct');
    take(known, entry);
  });
}
