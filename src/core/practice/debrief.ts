import {
  finderOf,
  minutesBetween,
  placeIn,
  type Done,
  type Finder,
  type Finding,
  type Found,
  type Likely,
  type NextAct,
  type TroubleCase,
} from '../faults';
import { mixed, seeded } from '../random';
import { caseAt, withDone } from './caseAt';
import { benchKindOf } from './kinds';
import { benchStart, played, type BenchAct, type BenchEvent, type BenchState, type Slip } from './play';
import type { Round } from './round';

/** A test or a repair with all that was done to come to it, and what it was good for. */
export interface Move {
  readonly events: readonly BenchEvent[];
  readonly minutes: number;
  /** What it may have been before it, and after. */
  readonly before: readonly Likely[];
  readonly after: readonly Likely[];
  /** What the finder would have done there, and the minutes that it still expected. */
  readonly best: NextAct;
  readonly expected: number;
  /** Minutes that this choice costs beside the best one, whatever came of it. */
  readonly lost: number;
  readonly slips: readonly Slip[];
}

/** One act of the finder’s own way through the same house. */
export interface FindersAct {
  readonly act: NonNullable<NextAct>;
  readonly minutes: number;
  /** What it found; null: a repair. */
  readonly found: Found | null;
}

/** Who finds more than so many acts lost its way: nothing explains what is there. */
const MOST_ACTS = 24;

interface Standing {
  readonly state: BenchState;
  readonly done: readonly Done[];
}

/** What a finder would be told of the acts so far: of a test that was taken twice the last answer stands. */
const doneBy = (events: readonly BenchEvent[]): readonly Done[] =>
  events.flatMap(({ told, act, came }, i): readonly Done[] => {
    if (told)
      return events.some((later, k) => k > i && later.told?.test === told.test)
        ? []
        : [{ test: told.test, found: told.found }];
    return act.do === 'repair' && came.of === 'repair' ? [{ repair: act.fault, fixed: came.works }] : [];
  });

const askedAt = (round: Round, { state, done }: Standing, spoken: string | null): TroubleCase =>
  caseAt(round.asked, { place: state.place, isDead: state.isProved, done, spoken });

const isTelling = ({ act, came }: BenchEvent): boolean =>
  act.do === 'repair' ? came.of === 'repair' : came.of === 'reading' || came.of === 'answer';

/** Acts, each lot of them up to the test or repair that it was for. */
function lotsOf(acts: readonly BenchAct[], round: Round): readonly { before: BenchState; events: BenchEvent[] }[] {
  const lots: { before: BenchState; events: BenchEvent[] }[] = [];
  let state = benchStart(round);
  let open: { before: BenchState; events: BenchEvent[] } | null = null;
  for (const act of acts) {
    open ??= { before: state, events: [] };
    state = played(round, state, act);
    const event = state.events.at(-1);
    if (!event) continue;
    open.events.push(event);
    if (!isTelling(event)) continue;
    lots.push(open);
    open = null;
  }
  return open ? [...lots, open] : lots;
}

/** What a finder is asked about the whole round with; what was drawn for it is drawn once. */
export const debriefer = (round: Round): Finder => finderOf(round.asked);

/** What the learner’s moves were good for, one after the other: each takes a while to work out. */
export function* movesOf(round: Round, acts: readonly BenchAct[], finder: Finder): Generator<Move, void> {
  for (const { before, events } of lotsOf(acts, round)) {
    const last = events.at(-1);
    const spoken = last?.told?.test ?? null;
    // What a test came to before a repair counts no more once it is taken anew
    const done = doneBy(before.events).filter((one) => !('test' in one) || one.test !== spoken);
    const standing: Standing = { state: before, done };
    const asked = askedAt(round, standing, spoken);
    const minutes = events.reduce((sum, one) => sum + one.minutes, 0);
    const finding = finder.find(asked, spoken);
    const then = doneBy(events);
    const after = then.length === 0 ? finding.faults : finder.likely(withDone(asked, [...asked.done, ...then])).faults;
    yield {
      events,
      minutes,
      before: finding.faults,
      after,
      best: finding.next,
      expected: finding.expectedMinutes,
      lost: lostBy(finding, minutes, last, asked, finder),
      slips: events.flatMap(({ slip }) => slip ?? []),
    };
  }
}

/** Minutes that a move costs beside the best one, on the mean over all that it might have come to. */
function lostBy(
  { answers, expectedMinutes, faults, explained, test, next }: Finding,
  minutes: number,
  last: BenchEvent | undefined,
  asked: TroubleCase,
  finder: Finder,
): number {
  if (explained === 'nothing' || !last) return 0;
  const beside = (after: number): number => Math.max(0, minutes + after - expectedMinutes);
  if (last.told && next && 'test' in next && next.test === last.told.test)
    // What the finder would have done: only ways and hands that it did not need are lost
    return Math.max(0, minutes - actMinutes(asked, next));
  if (last.told && test === last.told.test) {
    const chance = answers.reduce((sum, one) => sum + one.chance, 0);
    return chance > 0 ? beside(answers.reduce((sum, one) => sum + one.chance * one.minutes, 0) / chance) : 0;
  }
  if (last.act.do === 'repair' && last.came.of === 'repair') {
    const { fault } = last.act;
    const share = faults.reduce(
      (sum, { kind, probability }) => sum + (kind.split('+').includes(fault) ? probability : 0),
      0,
    );
    const inVain = finder.find(withDone(asked, [...asked.done, { repair: fault, fixed: false }]), null);
    return beside((1 - share) * inVain.expectedMinutes);
  }
  // It told nothing: all of it is lost
  return minutes;
}

/** The finder’s own way through the same house, with the answers that the house gives; each act takes a while to work out. */
export function* findersWay(round: Round, finder: Finder): Generator<FindersAct, void> {
  const { asked: first, hidden, seed } = round;
  const kind = benchKindOf(first);
  let faulty: BenchState['faulty'] = hidden;
  let asked = caseAt(first, { place: benchStart(round).place, isDead: false, done: [] });
  for (let i = 0; i < MOST_ACTS; i++) {
    const { next } = finder.find(asked, null);
    if (!next) return;
    const minutes = actMinutes(asked, next);
    const at = placeOfAct(asked, next) ?? asked.at;
    if ('test' in next) {
      const found = kind.answer(faulty, next.test, seeded(mixed(seed, next.test)));
      yield { act: next, minutes, found };
      asked = { ...withDone(asked, [...asked.done, { test: next.test, found }]), at };
      continue;
    }
    const mended = next.repair.split('+');
    const left = faulty.faults.filter((one) => !mended.includes(one));
    const after = kind.without(faulty, mended, seeded(mixed(seed, left.join('+'))));
    const works = after !== faulty && !(left.length > 0 && kind.shows(after));
    faulty = after;
    yield { act: next, minutes, found: null };
    if (works) return;
    const isListed = asked.faults.some((one) => one.kind === next.repair);
    const tried = isListed ? [next.repair] : mended;
    asked = { ...withDone(asked, [...asked.done, ...tried.map((repair) => ({ repair, fixed: false }))]), at };
  }
}

type Act = NonNullable<NextAct>;

/** Where an act is done, live and dead told apart; null: wherever one stands. */
function placeOfAct(asked: TroubleCase, act: Act): string | null {
  const kind = benchKindOf(asked);
  const [name, known] = 'test' in act ? [act.test, kind.test(act.test)] : [act.repair, kind.repair(act.repair)];
  return placeIn(asked, name, known?.place ?? null);
}

/** Minutes of an act with the way to it. */
function actMinutes(asked: TroubleCase, act: Act): number {
  const place = placeOfAct(asked, act);
  const walked = place !== null && asked.at !== null ? minutesBetween(asked.walks, asked.at, place) : 0;
  const spent =
    'test' in act
      ? (asked.tests.find(({ kind }) => kind === act.test)?.minutes ?? 0)
      : repairMinutes(asked, act.repair);
  return walked + spent;
}

const repairMinutes = ({ faults }: TroubleCase, kind: string): number =>
  kind.split('+').reduce((sum, one) => sum + (faults.find((fault) => fault.kind === one)?.repairMinutes ?? 0), 0);

/** Minutes of one who knows what it is: the ways and the repairs. */
export function knowingMinutes(round: Round): number {
  const { hidden, asked } = round;
  const start = caseAt(asked, { place: benchStart(round).place, isDead: false, done: [] });
  let [at, minutes] = [start.at, 0];
  for (const fault of hidden.faults) {
    const place = placeOfAct(start, { repair: fault });
    if (place !== null && at !== null) minutes += minutesBetween(start.walks, at, place);
    at = place ?? at;
    minutes += repairMinutes(start, fault);
  }
  return minutes;
}
