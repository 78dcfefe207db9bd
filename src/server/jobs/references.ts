import { HANGS_ON } from '@/core/house';
import type { Entry, NewEntry } from '@/core/kinds';
import { ProblemError } from '@/contract/problem';

/** What an entry points at, gathered along the log. */
interface Known {
  readonly entries: Map<string, string>;
  readonly points: Set<string>;
  readonly supplyId: Set<string>;
  readonly chimeId: Set<string>;
  readonly boxId: Set<string>;
  readonly circuits: Set<string>;
  readonly photos: Set<string>;
}

const refuse = (index: number, field: string, message: string): never => {
  throw new ProblemError(422, `entries[${index}].${field}: ${message}`, [
    { path: `entries[${index}].${field}`, message },
  ]);
};

function take(known: Known, entry: NewEntry): void {
  known.entries.set(entry.id, entry.kind);
  if (entry.kind === 'pointAdded' || entry.kind === 'pointHung')
    for (const field of THING_FIELDS) known[field].add(entry.data[field] ?? entry.data.pointId);
  if (entry.kind === 'thingFound') known[HANGS_ON[entry.data.thing]].add(entry.data.thingId);
  if ('circuitId' in entry.data) known.circuits.add(entry.data.circuitId);
  if (entry.kind === 'pointAdded') known.points.add(entry.data.pointId);
  if (entry.kind === 'photoAttached') known.photos.add(entry.data.photoId);
}

const THING_FIELDS = ['supplyId', 'chimeId', 'boxId'] as const;
const NO_SUCH = { boxId: 'box', supplyId: 'supply', chimeId: 'chime' } as const;
/** Kinds that name points and things for the first time. */
const NAMING: ReadonlySet<string> = new Set(['pointAdded', 'pointHung', 'thingFound']);

/** What an entry says of a point or a thing must be of one that is there. */
function checkThings(known: Known, { kind, data }: NewEntry, index: number): void {
  if (kind !== 'pointAdded' && 'pointId' in data && data.pointId !== undefined && !known.points.has(data.pointId))
    refuse(index, 'data.pointId', 'this job has no such point');
  if (NAMING.has(kind)) return;
  for (const field of THING_FIELDS) {
    const id = field in data ? (data as Readonly<Partial<Record<typeof field, string>>>)[field] : undefined;
    if (id !== undefined && !known[field].has(id))
      refuse(index, `data.${field}`, `this job has no such ${NO_SUCH[field]}`);
  }
}

/** Two circuits that are compared are there, and are two. */
function checkComparison(known: Known, entry: NewEntry, index: number): void {
  if (entry.kind !== 'circuitsCompared') return;
  const { circuitId, otherId } = entry.data;
  for (const [field, id] of [
    ['circuitId', circuitId],
    ['otherId', otherId],
  ] as const)
    if (!known.circuits.has(id)) refuse(index, `data.${field}`, 'this job has no such circuit');
  if (circuitId === otherId) refuse(index, 'data.otherId', 'is the same circuit: two are compared');
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
 * @param files names of the pictures that were handed in for this job: hashes, ids that they came in with
 * @throws ProblemError 422
 */
export function checkReferences(
  standing: readonly Entry[],
  added: readonly NewEntry[],
  files: ReadonlySet<string>,
): void {
  const known: Known = {
    entries: new Map(),
    points: new Set(),
    supplyId: new Set(),
    chimeId: new Set(),
    boxId: new Set(),
    circuits: new Set(),
    photos: new Set(),
  };
  for (const entry of standing) take(known, entry);
  added.forEach((entry, index) => {
    checkThings(known, entry, index);
    checkComparison(known, entry, index);
    checkPhoto(known, files, entry, index);
    if (entry.kind === 'entryStruck' && !known.entries.has(entry.data.target))
      refuse(index, 'data.target', 'this job has no such entry to strike');
    if (entry.corrects !== undefined && known.entries.get(entry.corrects) !== entry.kind)
      refuse(index, 'corrects', 'this job has no such entry of this kind to correct');
    take(known, entry);
  });
}
