import { sitePlanOf } from './sitePlanOf';
import { boardsOf } from '../house/boards';
import { circuitsWith } from '../house/circuits';
import { HouseDraft } from '../house/houseDraft';
import { HANGS_ON } from '../house/things';
import { THINGS } from '../kinds/point';
import type { Entry, EntryKind, EntryOf } from '../kinds/register';
import type { Facts, Source, Taken } from '../kinds/said';
import { counts, effectOf } from '../log/effective';
import { FactBook } from '../log/factBook';
import { inTime } from '../log/moment';
import { regionPack } from '../region';
import { DEFAULT_POLICY, POLICY_IDS, type Policy } from '../policy';
import { hangsOf, hung, newDraft, type Draft, type Folding } from './draft';
import { isolationOf, schoolOver } from './isolationOf';
import type { DEVICE_FACTS } from '../kinds/identity';
import type { PlanSetting, Trouble } from '../points/pointView';
import { replacesDevice } from '../points/trouble';
import type { Job, JobHead } from './job';
import { photosOf } from './photos';
import { finish } from './pointView';

const sourceOf = (entry: Entry): Source => ({ entryId: entry.id, by: entry.by, at: entry.at });

/** Writes what an entry says of a point or a thing into the book; `scope` is the field that names it. */
function say(state: Folding, entry: Entry, of: string, scope: string): void {
  const said = Object.fromEntries(Object.entries(entry.data).filter(([field]) => field !== scope));
  state.book.say(`${entry.kind}/${of}`, entry, of, said);
}

type OfPoint = Entry & { readonly data: { readonly pointId: string } };
type OfSupply = Entry & { readonly data: { readonly supplyId: string } };
const sayOfPoint = (state: Folding, entry: OfPoint): void => say(state, entry, entry.data.pointId, 'pointId');
function sayOfSupply(state: Folding, entry: OfSupply): void {
  state.house.thing('supply', entry.data.supplyId);
  say(state, entry, entry.data.supplyId, 'supplyId');
}

/** An entry that says one thing as a whole. @param part of several such of a kind and a point or thing */
function tell(state: Folding, entry: Entry, of: string, part?: string): void {
  const fact = [entry.kind, of, ...(part === undefined ? [] : [part])].join('/');
  state.book.tell(fact, entry, of, null, entry.data);
}

/** The last one of its kind at a point stands, as a whole. */
const keepLast = (state: Folding, entry: Entry, point: Draft | undefined): void => {
  if (!point) return;
  point.last.set(entry.kind, entry);
  tell(state, entry, point.id);
};

/** Field by field: of a long log most entries pass here, and spreading an object is slow. */
const takenFrom = <K extends EntryKind>({ id: entryId, by, at, data }: EntryOf<K>): Taken<K> => ({
  entryId,
  by,
  at,
  data,
});

/** What is read off a device itself: another one in its place has its own. */
const OF_THE_DEVICE: readonly (keyof typeof DEVICE_FACTS)[] = [
  'code',
  'codeReadBy',
  'serial',
  'dbm',
  'upMbit',
  'figuresBy',
];

/** What an entry adds to the trouble that it is of; one that nobody opened is not there. */
function atTrouble(point: Draft | undefined, troubleId: string, said: (trouble: Trouble) => Partial<Trouble>): void {
  if (!point) return;
  point.troubles = point.troubles.map((one) => (one.data.troubleId === troubleId ? { ...one, ...said(one) } : one));
}

/** The policy of the job: what was taken over, the defaults where nothing was. */
const policyOf = (book: FactBook): Policy => {
  const { why: _why, ...said } = book.facts('policyTaken') as Facts<'policyTaken'>;
  return { ...DEFAULT_POLICY, ...said };
};

const settingOf = (book: FactBook): PlanSetting => {
  const { region, colourEra, lengths } = book.facts('siteDescribed') as Facts<'siteDescribed'>;
  return { region, lengths: lengths ?? regionPack(region).lengths, era: colourEra, policy: policyOf(book) };
};

/** Kinds that say what there is; they are read before all others, so that order does not matter between them. */
const FOUNDS = {
  pointAdded: (state: Folding, entry: EntryOf<'pointAdded'>) => {
    const { pointId } = entry.data;
    if (!state.points.has(pointId)) state.points.set(pointId, newDraft(entry));
  },
  pointHung: (state: Folding, entry: EntryOf<'pointHung'>) => {
    const point = state.points.get(entry.data.pointId);
    if (!point) return;
    point.hangs = hung(point.hangs, entry.data);
    point.kind = entry.data.pointKind ?? point.kind;
  },
  thingFound: (state: Folding, entry: EntryOf<'thingFound'>) => state.house.found(entry),
} as const;

function find(state: Folding, entry: Entry): void {
  if (entry.kind === 'pointAdded') FOUNDS.pointAdded(state, entry);
  else if (entry.kind === 'pointHung') FOUNDS.pointHung(state, entry);
  else if (entry.kind === 'thingFound') FOUNDS.thingFound(state, entry);
}

/** What decides where a head looks. */
const HANGS_BY = [
  'heightM',
  'panDeg',
  'downDeg',
  'rollDeg',
  'tiltDeg',
  'tiltThickEnd',
  'sideDeg',
  'sideThick',
] as const;

/** What each kind does to a job; one line per kind. Circuits, boards and photos are folded apart, strikes before. */
const FOLDS: { readonly [K in EntryKind]: (state: Folding, entry: EntryOf<K>, point: Draft | undefined) => void } = {
  siteDescribed: (state, entry) => state.book.say('siteDescribed', entry, null, entry.data),
  customerDescribed: (state, entry) => state.book.say('customerDescribed', entry, null, entry.data),
  followsJob: (state, entry) => void (state.follows = entry.data),
  visitPlanned: (state, entry) => {
    if (entry.data.expectedAt === undefined) return;
    state.expectedAt = entry.data.expectedAt;
    state.book.tell('visitPlanned/expectedAt', entry, null, 'expectedAt', entry.data.expectedAt);
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
  pointAdded: () => undefined,
  pointHung: () => undefined,
  thingFound: () => undefined,
  pointDescribed: sayOfPoint,
  transformerDescribed: sayOfSupply,
  placeLooked: (state, entry) => {
    const { looked } = state.house.thing('supply', entry.data.supplyId);
    tell(state, entry, entry.data.supplyId, entry.data.place);
    if (entry.data.result === null) looked.delete(entry.data.place);
    else if (entry.data.result) looked.set(entry.data.place, sourceOf(entry));
  },
  switchTried: ({ house }, entry) => {
    const { name, bellDies, supplyId } = entry.data;
    house.thing('supply', supplyId).switches.push({ ...sourceOf(entry), name, bellDies });
  },
  supplyPlanned: sayOfSupply,
  wifiRead: (_state, entry, point) => {
    if (point) point.wifi = [...point.wifi, takenFrom(entry)];
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
  runDescribed: (state, entry) => {
    const { chimeId, pointId, run } = entry.data;
    if (chimeId !== undefined) state.house.thing('chime', chimeId);
    const end = chimeId ?? pointId ?? '';
    const { chimeId: _chime, pointId: _point, run: _run, ...said } = entry.data;
    state.book.say(`runDescribed/${run}/${end}`, entry, end, said);
  },
  chimeDescribed: (state, entry) => {
    state.house.thing('chime', entry.data.chimeId);
    say(state, entry, entry.data.chimeId, 'chimeId');
  },
  meterDescribed: (state, entry) => state.book.say('meterDescribed', entry, null, entry.data),
  readingTaken: (state, entry) => void state.readings.push(takenFrom(entry)),
  choiceMade: (state, entry, point) => {
    if (!point) return;
    tell(state, entry, point.id);
    point.choice = takenFrom(entry);
    point.choseAt ??= entry.seq;
    const { supplyId } = hangsOf(point);
    if (supplyId === null) return;
    // What feeds is chosen once for all that hang on it: the last word stands, its steps are where it was said first
    const { pointId } = state.chosen.get(supplyId) ?? entry.data;
    state.chosen.set(supplyId, { pointId, transformer: entry.data.transformer, tap: entry.data.tap });
  },
  boxDescribed: (state, entry) => {
    state.house.thing('box', entry.data.boxId);
    say(state, entry, entry.data.boxId, 'boxId');
  },
  cableDescribed: (state, entry) => {
    const { cableId, boxId, ...said } = entry.data;
    state.house.thing('box', boxId).cableIds.add(cableId);
    state.book.say(`cableDescribed/${boxId}/${cableId}`, entry, boxId, said);
  },
  conductorTested: ({ house }, entry) => void house.thing('box', entry.data.boxId).tests.push(takenFrom(entry)),
  fixtureChosen: keepLast,
  outletDescribed: sayOfPoint,
  plugFixtureChosen: keepLast,
  leadMoved: (_state, entry, point) => {
    const { lead, from, to } = entry.data;
    if (point) point.moved = [...point.moved, { ...sourceOf(entry), lead, from, to, seq: entry.seq }];
  },
  circuitListed: () => undefined,
  circuitsCompared: () => undefined,
  circuitSwitched: () => undefined,
  breakerGuarded: () => undefined,
  deadProved: () => undefined,
  cameBack: () => undefined,
  stayedAtWork: () => undefined,
  personChanged: () => undefined,
  bellExplained: () => undefined,
  plugSeen: () => undefined,
  placeCleared: () => undefined,
  hintNoted: () => undefined,
  huntPlanned: sayOfPoint,
  huntTested: (_state, entry, point) => {
    const { dropped, died } = entry.data;
    if (point) point.huntTests = [...point.huntTests, { ...sourceOf(entry), dropped, died }];
  },
  stepTicked: (state, entry, point) => {
    point?.ticks.set(entry.data.stepId, entry);
    if (point) tell(state, entry, point.id, entry.data.stepId);
  },
  targetPlaced: (state, entry, point) => {
    const { pointId, targetId, ...said } = entry.data;
    point?.yard.add(targetId);
    state.book.say(`targetPlaced/${pointId}/${targetId}`, entry, pointId, said);
  },
  obstacleStands: (state, entry, point) => {
    const { pointId, obstacleId, ...said } = entry.data;
    point?.yard.add(obstacleId);
    state.book.say(`obstacleStands/${pointId}/${obstacleId}`, entry, pointId, said);
  },
  aimPlanned: sayOfPoint,
  approachDescribed: sayOfPoint,
  pointOnPlan: sayOfPoint,
  planDescribed: (state, entry) => state.book.say('planDescribed', entry, null, entry.data),
  shapeDrawn: (state, entry) => {
    const { shapeId, ...said } = entry.data;
    state.shapes.add(shapeId);
    state.book.say(`shapeDrawn/${shapeId}`, entry, null, said);
  },
  missAccepted: (_state, entry, point) => {
    if (point) point.missesAccepted = { ...point.missesAccepted, [entry.data.targetId]: takenFrom(entry) };
  },
  mountRecorded: (state, entry, point) => {
    sayOfPoint(state, entry);
    // What was let stand was said of how it hung then
    if (point && HANGS_BY.some((field) => entry.data[field] !== undefined)) point.missesAccepted = {};
  },
  waitStarted: (_state, entry, point) => {
    if (point)
      point.waits = { ...point.waits, [entry.data.check]: { ...sourceOf(entry), minutes: entry.data.minutes } };
  },
  pairingTried: (_state, entry, point) => {
    if (point) point.tried = [...point.tried, { ...sourceOf(entry), what: entry.data.what }];
  },
  checkDone: (state, entry, point) => {
    if (!point) return;
    point.checks = { ...point.checks, [entry.data.check]: takenFrom(entry) };
    tell(state, entry, point.id, entry.data.check);
  },
  checkPutOff: (_state, entry, point) => {
    if (point) point.putOff = { ...point.putOff, [entry.data.check]: takenFrom(entry) };
  },
  failureAccepted: (_state, entry, point) => {
    if (point) point.accepted = { ...point.accepted, [entry.data.of]: takenFrom(entry) };
  },
  troubleOpened: (_state, entry, point) => {
    if (point && !point.troubles.some(({ data }) => data.troubleId === entry.data.troubleId))
      point.troubles = [...point.troubles, { ...takenFrom(entry), acts: [], closed: null }];
  },
  faultTested: (_state, entry, point) =>
    atTrouble(point, entry.data.troubleId, ({ acts }) => ({ acts: [...acts, takenFrom(entry)] })),
  repairTried: ({ book }, entry, point) => {
    const { pointId, troubleId, fault, fixed } = entry.data;
    atTrouble(point, troubleId, ({ acts }) => ({ acts: [...acts, takenFrom(entry)] }));
    if (fixed && replacesDevice(fault))
      book.forget(`${'deviceDescribed' satisfies EntryKind}/${pointId}`, OF_THE_DEVICE);
  },
  troubleClosed: (_state, entry, point) => atTrouble(point, entry.data.troubleId, () => ({ closed: takenFrom(entry) })),
  deviceDescribed: sayOfPoint,
  handoverDescribed: sayOfPoint,
  pointLeft: (_state, entry, point) => {
    if (point) point.left = takenFrom(entry);
  },
  photoAttached: () => undefined,
  photoDescribed: () => undefined,
  noteWritten: ({ notes }, { id: entryId, by, at, data }) => void notes.push({ entryId, by, at, text: data.text }),
  entryStruck: () => undefined,
};

function apply<K extends EntryKind>(state: Folding, entry: EntryOf<K>): void {
  const pointId = 'pointId' in entry.data ? entry.data.pointId : undefined;
  const fold: (state: Folding, entry: EntryOf<K>, point: Draft | undefined) => void = FOLDS[entry.kind];
  fold(state, entry, pointId === undefined ? undefined : state.points.get(pointId));
}

/**
 * Makes the job out of its log, read in the order of time. Pure: the same entries give the same job, in whatever order they
 * arrived, but for what only gets stricter.
 */
export function fold(head: JobHead, given: readonly Entry[]): Job {
  const entries = inTime(given);
  const effect = effectOf(entries);
  const book = new FactBook();
  const state: Folding = {
    book,
    house: new HouseDraft(book),
    points: new Map(),
    readings: [],
    chosen: new Map(),
    notes: [],
    shapes: new Set(),
    expectedAt: null,
    follows: null,
    policyWhy: {},
  };
  const standing = entries.filter((entry) => counts(effect, entry));
  for (const entry of standing) find(state, entry);
  for (const draft of state.points.values())
    for (const kind of THINGS) {
      const id = hangsOf(draft)[HANGS_ON[kind]];
      if (id !== null) state.house.thing(kind, id);
    }
  for (const entry of standing) apply(state, entry);
  const house = state.house.finish();
  const site = book.facts('siteDescribed') as Facts<'siteDescribed'>;
  const last = given.reduce<Entry | null>((latest, one) => (latest && latest.seq > one.seq ? latest : one), null);
  const setting = settingOf(book);
  const boards = boardsOf(entries, effect);
  const { isolation, groups } = isolationOf(entries, effect, boards, (id) => {
    const draft = state.points.get(id);
    return draft ? hangsOf(draft) : null;
  });
  const school = schoolOver(entries, effect);
  return {
    id: head.id,
    title: site.name ?? head.title,
    createdAt: head.createdAt,
    erasedAt: head.erasedAt ?? null,
    site,
    customer: book.facts('customerDescribed'),
    meter: book.facts('meterDescribed'),
    plan: sitePlanOf([...state.shapes], (id) => book.facts(`shapeDrawn/${id}`), book.facts('planDescribed')),
    policy: setting.policy,
    policyWhy: state.policyWhy,
    boards,
    photos: photosOf(entries, effect),
    expectedAt: state.expectedAt,
    follows: state.follows,
    points: [...state.points.values()].map((draft) => finish(state, house, setting, draft, { isolation, school })),
    house,
    circuits: circuitsWith(groups, isolation),
    isolation,
    notes: state.notes,
    alsoSaid: book.alsoSaid(),
    conflicts: book.conflicts(),
    last: last?.seq ?? 0,
    updatedAt: last?.receivedAt ?? head.createdAt,
  };
}
