import { stepGate } from '../isolation';
import { circuitsOf } from './circuits';
import { counts, effectOf } from './effective';
import { FactBook } from './facts';
import type { Circuit, Facts, Job, JobHead, Note, Point, Source, Tick } from './job';
import type { Entry, EntryKind, EntryOf } from './kinds';
import { touchesOf } from './steps';

/** A point while it is being put together. */
interface Draft {
  readonly id: string;
  readonly kind: 'doorbell';
  readonly addedName: string;
  readings: Point['readings'];
  choice: Point['choice'];
  readonly ticks: Map<string, Tick>;
  waits: Point['waits'];
  checks: Point['checks'];
  left: Point['left'];
}

const sourceOf = (entry: Entry): Source => ({ entryId: entry.id, by: entry.by, at: entry.at });

interface Folding {
  readonly book: FactBook;
  readonly points: Map<string, Draft>;
  readonly notes: Note[];
  expectedAt: string | null;
  /** Circuits as they stood just before an entry: for the ticks. */
  readonly circuitsBefore: (entry: Entry) => readonly Circuit[];
}

const fieldsOf = (data: object, ...keys: string[]): Readonly<Record<string, unknown>> =>
  Object.fromEntries(Object.entries(data).filter(([key]) => !keys.includes(key)));

function sayOfPoint(state: Folding, entry: Entry & { readonly data: { readonly pointId: string } }, part = ''): void {
  const { pointId } = entry.data;
  state.book.say(`${entry.kind}/${pointId}${part}`, entry, pointId, fieldsOf(entry.data, 'pointId', 'run'));
}

/** The circuit that feeds a point. */
export const circuitOfPoint = (circuits: readonly Circuit[], pointId: string): Circuit | null =>
  circuits.find((circuit) => circuit.feeds.includes(pointId)) ?? null;

function tickOf(state: Folding, entry: EntryOf<'stepTicked'>): Tick {
  const { stepId, pointId, how, differs } = entry.data;
  const circuit = circuitOfPoint(state.circuitsBefore(entry), pointId);
  return {
    ...sourceOf(entry),
    how,
    differs: differs ?? null,
    proofStood: stepGate(touchesOf(stepId), circuit?.state ?? null, entry.by.id).open,
  };
}

/** What each kind does to a job; one line per kind. Circuits are folded apart (`circuits.ts`), strikes before. */
const FOLDS: { readonly [K in EntryKind]: (state: Folding, entry: EntryOf<K>, point: Draft | undefined) => void } = {
  siteDescribed: (state, entry) => state.book.say('siteDescribed', entry, null, entry.data),
  customerDescribed: (state, entry) => state.book.say('customerDescribed', entry, null, entry.data),
  visitPlanned: (state, entry) => {
    if (entry.data.expectedAt !== undefined) state.expectedAt = entry.data.expectedAt;
  },
  pointAdded: (state, entry) => {
    const { pointId: id, pointKind: kind, name: addedName } = entry.data;
    if (state.points.has(id)) return;
    const empty = { readings: [], choice: null, ticks: new Map<string, Tick>(), waits: {}, checks: {}, left: null };
    state.points.set(id, { id, kind, addedName, ...empty });
  },
  pointDescribed: (state, entry) => sayOfPoint(state, entry),
  transformerDescribed: (state, entry) => sayOfPoint(state, entry),
  runDescribed: (state, entry) => sayOfPoint(state, entry, `/${entry.data.run}`),
  chimeDescribed: (state, entry) => sayOfPoint(state, entry),
  readingTaken: (_state, entry, point) => {
    if (point) point.readings = [...point.readings, { ...sourceOf(entry), data: entry.data }];
  },
  choiceMade: (_state, entry, point) => {
    if (point) point.choice = { ...sourceOf(entry), data: entry.data };
  },
  circuitListed: () => undefined,
  circuitSwitched: () => undefined,
  deadProved: () => undefined,
  cameBack: () => undefined,
  stepTicked: (state, entry, point) => {
    if (point) point.ticks.set(entry.data.stepId, tickOf(state, entry));
  },
  mountRecorded: (state, entry) => sayOfPoint(state, entry),
  waitStarted: (_state, entry, point) => {
    if (point)
      point.waits = { ...point.waits, [entry.data.check]: { ...sourceOf(entry), minutes: entry.data.minutes } };
  },
  checkDone: (_state, entry, point) => {
    if (point) point.checks = { ...point.checks, [entry.data.check]: { ...sourceOf(entry), data: entry.data } };
  },
  pointLeft: (_state, entry, point) => {
    if (point) point.left = { ...sourceOf(entry), data: entry.data };
  },
  noteWritten: (state, entry) => void state.notes.push({ ...sourceOf(entry), text: entry.data.text }),
  entryStruck: () => undefined,
};

function apply<K extends EntryKind>(state: Folding, entry: EntryOf<K>): void {
  const pointId = 'pointId' in entry.data ? entry.data.pointId : undefined;
  const fold: (state: Folding, entry: EntryOf<K>, point: Draft | undefined) => void = FOLDS[entry.kind];
  fold(state, entry, pointId === undefined ? undefined : state.points.get(pointId));
}

function finish(book: FactBook, draft: Draft): Point {
  // The book holds what the schemas of the kinds let through, field by field
  const facts = <K extends EntryKind>(kind: K, part = ''): Facts<K> =>
    book.facts(`${kind}/${draft.id}${part}`) as Facts<K>;
  const { addedName, ticks, ...rest } = draft;
  const look = facts('pointDescribed');
  return {
    ...rest,
    ticks: Object.fromEntries(ticks),
    name: look.name ?? addedName,
    look,
    transformer: facts('transformerDescribed'),
    runs: { toChime: facts('runDescribed', '/toChime'), toDoor: facts('runDescribed', '/toDoor') },
    chime: facts('chimeDescribed'),
    mount: facts('mountRecorded'),
  };
}

/**
 * Makes the job out of its log. Pure: the same entries give the same job.
 * @param entries in the order of their numbers
 */
export function fold(head: JobHead, entries: readonly Entry[]): Job {
  const effect = effectOf(entries);
  const book = new FactBook();
  const state: Folding = {
    book,
    points: new Map(),
    notes: [],
    expectedAt: null,
    circuitsBefore: (entry) => {
      const before = entries.filter((other) => other.seq < entry.seq);
      return circuitsOf(before, effectOf(before));
    },
  };
  for (const entry of entries) if (counts(effect, entry)) apply(state, entry);
  const site = book.facts('siteDescribed') as Facts<'siteDescribed'>;
  const last = entries.at(-1);
  return {
    id: head.id,
    title: site.name ?? head.title,
    createdAt: head.createdAt,
    site,
    customer: book.facts('customerDescribed'),
    expectedAt: state.expectedAt,
    points: [...state.points.values()].map((draft) => finish(book, draft)),
    circuits: circuitsOf(entries, effect),
    notes: state.notes,
    alsoSaid: book.alsoSaid(),
    last: last?.seq ?? 0,
    updatedAt: last?.receivedAt ?? head.createdAt,
  };
}
