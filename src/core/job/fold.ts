import { stepGate } from '../isolation';
import { DEFAULT_POLICY, POLICY_IDS, type Policy } from '../policy';
import { boardsOf } from './boards';
import { circuitsOf } from './circuits';
import { counts, effectOf } from './effective';
import { FactBook } from './facts';
import type { BagAnswer, Circuit, Facts, Job, JobHead, Note, PlanSetting, Point, Source, Tick } from './job';
import type { Entry, EntryKind, EntryOf } from './kinds';
import { photosOf } from './photos';
import { touchesOf } from './touches';
import { supplyFrom } from './supplyOf';

/** A point while it is being put together. */
interface Draft {
  readonly id: string;
  readonly kind: Point['kind'];
  readonly addedName: string;
  readings: Point['readings'];
  choice: Point['choice'];
  readonly ticks: Map<string, Tick>;
  waits: Point['waits'];
  checks: Point['checks'];
  left: Point['left'];
  readonly looked: Map<string, Source>;
  switches: Point['switches'];
  wifi: Point['wifi'];
  readonly bag: Map<string, BagAnswer>;
  huntTests: Point['hunt']['tests'];
  /** Ids of its cables, in the order in which they were found. */
  readonly cableIds: Set<string>;
  tests: Point['tests'];
  fixture: Point['fixture'];
  moved: Point['moved'];
}

const newDraft = (id: string, kind: Point['kind'], addedName: string): Draft => ({
  id,
  kind,
  addedName,
  readings: [],
  choice: null,
  ticks: new Map(),
  waits: {},
  checks: {},
  left: null,
  looked: new Map(),
  switches: [],
  wifi: [],
  bag: new Map(),
  huntTests: [],
  cableIds: new Set(),
  tests: [],
  fixture: null,
  moved: [],
});

const sourceOf = (entry: Entry): Source => ({ entryId: entry.id, by: entry.by, at: entry.at });

interface Folding {
  readonly book: FactBook;
  readonly points: Map<string, Draft>;
  readonly notes: Note[];
  expectedAt: string | null;
  policyWhy: Job['policyWhy'];
  /** Circuits as they stood just before an entry: for the ticks. */
  readonly circuitsBefore: (entry: Entry) => readonly Circuit[];
}

const fieldsOf = (data: object, ...keys: string[]): Readonly<Record<string, unknown>> =>
  Object.fromEntries(Object.entries(data).filter(([key]) => !keys.includes(key)));

function sayOfPoint(state: Folding, entry: Entry & { readonly data: { readonly pointId: string } }, part = ''): void {
  const { pointId } = entry.data;
  state.book.say(`${entry.kind}/${pointId}${part}`, entry, pointId, fieldsOf(entry.data, 'pointId', 'run'));
}

/** The policy of the job: what was taken over, the defaults where nothing was. */
const policyOf = (book: FactBook): Policy => {
  const { why: _why, ...said } = book.facts('policyTaken') as Facts<'policyTaken'>;
  return { ...DEFAULT_POLICY, ...said };
};

function tickOf(state: Folding, entry: EntryOf<'stepTicked'>): Tick {
  const { stepId, pointId, how, differs } = entry.data;
  const { joined } = state.book.facts(`transformerDescribed/${pointId}`) as Facts<'transformerDescribed'>;
  const supply = supplyFrom(state.circuitsBefore(entry), pointId, joined, policyOf(state.book).bellSide);
  return {
    ...sourceOf(entry),
    how,
    differs: differs ?? null,
    proofStood: stepGate(touchesOf(stepId), supply, entry.by.id).open,
    seq: entry.seq,
  };
}

/** What each kind does to a job; one line per kind. Circuits, boards and photos are folded apart, strikes before. */
const FOLDS: { readonly [K in EntryKind]: (state: Folding, entry: EntryOf<K>, point: Draft | undefined) => void } = {
  siteDescribed: (state, entry) => state.book.say('siteDescribed', entry, null, entry.data),
  customerDescribed: (state, entry) => state.book.say('customerDescribed', entry, null, entry.data),
  visitPlanned: (state, entry) => {
    if (entry.data.expectedAt !== undefined) state.expectedAt = entry.data.expectedAt;
  },
  policyTaken: (state, entry) => {
    const { why, ...said } = entry.data;
    state.book.say('policyTaken', entry, null, said);
    // The words belong to the matters that were said with them
    for (const matter of POLICY_IDS) {
      if (said[matter] === undefined) continue;
      const { [matter]: _before, ...others } = state.policyWhy;
      state.policyWhy = why ? { ...others, [matter]: why } : others;
    }
  },
  boardListed: () => undefined,
  wayListed: () => undefined,
  pointAdded: (state, entry) => {
    const { pointId: id, pointKind, name } = entry.data;
    if (!state.points.has(id)) state.points.set(id, newDraft(id, pointKind, name));
  },
  pointDescribed: (state, entry) => sayOfPoint(state, entry),
  transformerDescribed: (state, entry) => sayOfPoint(state, entry),
  placeLooked: (_state, entry, point) => {
    if (entry.data.result === null) point?.looked.delete(entry.data.place);
    else if (entry.data.result) point?.looked.set(entry.data.place, sourceOf(entry));
  },
  switchTried: (_state, entry, point) => {
    const { name, bellDies } = entry.data;
    if (point) point.switches = [...point.switches, { ...sourceOf(entry), name, bellDies }];
  },
  supplyPlanned: (state, entry) => sayOfPoint(state, entry),
  wifiRead: (_state, entry, point) => {
    if (point) point.wifi = [...point.wifi, { ...sourceOf(entry), data: entry.data }];
  },
  bagChecked: (_state, entry, point) => {
    const { item, state: found, note } = entry.data;
    point?.bag.set(item, {
      ...point.bag.get(item),
      ...sourceOf(entry),
      ...(found === undefined ? {} : { state: found }),
      ...(note === undefined ? {} : { note }),
    });
  },
  runDescribed: (state, entry) => sayOfPoint(state, entry, `/${entry.data.run}`),
  chimeDescribed: (state, entry) => sayOfPoint(state, entry),
  meterDescribed: (state, entry) => state.book.say('meterDescribed', entry, null, entry.data),
  readingTaken: (_state, entry, point) => {
    if (point) point.readings = [...point.readings, { ...sourceOf(entry), data: entry.data }];
  },
  choiceMade: (_state, entry, point) => {
    if (point) point.choice = { ...sourceOf(entry), data: entry.data };
  },
  boxDescribed: (state, entry) => sayOfPoint(state, entry),
  cableDescribed: (state, entry, point) => {
    const { cableId, pointId, ...said } = entry.data;
    state.book.say(`cableDescribed/${pointId}/${cableId}`, entry, pointId, said);
    point?.cableIds.add(cableId);
  },
  conductorTested: (_state, entry, point) => {
    if (point) point.tests = [...point.tests, { ...sourceOf(entry), data: entry.data }];
  },
  fixtureChosen: (_state, entry, point) => {
    if (point) point.fixture = { ...sourceOf(entry), data: entry.data };
  },
  leadMoved: (_state, entry, point) => {
    const { lead, from, to } = entry.data;
    if (point) point.moved = [...point.moved, { ...sourceOf(entry), lead, from, to, seq: entry.seq }];
  },
  circuitListed: () => undefined,
  circuitSwitched: () => undefined,
  deadProved: () => undefined,
  cameBack: () => undefined,
  hintNoted: () => undefined,
  huntPlanned: (state, entry) => sayOfPoint(state, entry),
  huntTested: (_state, entry, point) => {
    const { dropped, died } = entry.data;
    if (point) point.huntTests = [...point.huntTests, { ...sourceOf(entry), dropped, died }];
  },
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
  photoAttached: () => undefined,
  photoDescribed: () => undefined,
  noteWritten: (state, entry) => void state.notes.push({ ...sourceOf(entry), text: entry.data.text }),
  entryStruck: () => undefined,
};

function apply<K extends EntryKind>(state: Folding, entry: EntryOf<K>): void {
  const pointId = 'pointId' in entry.data ? entry.data.pointId : undefined;
  const fold: (state: Folding, entry: EntryOf<K>, point: Draft | undefined) => void = FOLDS[entry.kind];
  fold(state, entry, pointId === undefined ? undefined : state.points.get(pointId));
}

function finish(book: FactBook, setting: PlanSetting, draft: Draft): Point {
  // The book holds what the schemas of the kinds let through, field by field
  const facts = <K extends EntryKind>(kind: K, part = ''): Facts<K> =>
    book.facts(`${kind}/${draft.id}${part}`) as Facts<K>;
  const { addedName, ticks, looked, bag, huntTests, cableIds, ...rest } = draft;
  const look = facts('pointDescribed');
  return {
    ...rest,
    ticks: Object.fromEntries(ticks),
    looked: Object.fromEntries(looked),
    bag: Object.fromEntries(bag),
    supply: facts('supplyPlanned'),
    hunt: { ...facts('huntPlanned'), tests: huntTests },
    setting,
    box: facts('boxDescribed'),
    cables: [...cableIds].flatMap((id) => {
      const cable = facts('cableDescribed', `/${id}`);
      return cable.conductors ? [{ id, facts: cable }] : [];
    }),
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
    policyWhy: {},
    circuitsBefore: (entry) => {
      const before = entries.filter((other) => other.seq < entry.seq);
      return circuitsOf(before, effectOf(before));
    },
  };
  for (const entry of entries) if (counts(effect, entry)) apply(state, entry);
  const site = book.facts('siteDescribed') as Facts<'siteDescribed'>;
  const last = entries.at(-1);
  const policy = policyOf(book);
  const setting: PlanSetting = { region: site.region, era: site.colourEra, policy };
  return {
    id: head.id,
    title: site.name ?? head.title,
    createdAt: head.createdAt,
    site,
    customer: book.facts('customerDescribed'),
    meter: book.facts('meterDescribed'),
    policy,
    policyWhy: state.policyWhy,
    boards: boardsOf(entries, effect),
    photos: photosOf(entries, effect),
    expectedAt: state.expectedAt,
    points: [...state.points.values()].map((draft) => finish(book, setting, draft)),
    circuits: circuitsOf(entries, effect),
    notes: state.notes,
    alsoSaid: book.alsoSaid(),
    last: last?.seq ?? 0,
    updatedAt: last?.receivedAt ?? head.createdAt,
  };
}
