import type { Done, FaultAsked, Walk } from '../faults';
import { said, type Text } from '../said';
import type { PointView, Trouble, TroubleAct } from './pointView';

/** What is complained of, in words. */
export const complaintOf = ({ data }: Trouble): Text => said('complaint', { symptom: data.symptom });

export const isTest = (act: TroubleAct): act is Extract<TroubleAct, { data: { test: string } }> => 'test' in act.data;

/** The repair that helped; null: none did yet. */
export const helped = ({ acts }: Trouble): Extract<TroubleAct, { data: { fault: string } }> | null => {
  const last = acts.at(-1);
  return last && !isTest(last) && last.data.fixed ? last : null;
};

/** Whether nobody looks for a fault any more: it works again, or it was let be. */
export const isOver = (trouble: Trouble): boolean => trouble.closed !== null || helped(trouble) !== null;

/** What does not work there now; null where all does. */
export const openTrouble = ({ troubles }: Pick<PointView, 'troubles'>): Trouble | null =>
  troubles.findLast((trouble) => !isOver(trouble)) ?? null;

/** Tests that can’t be taken here. */
export const untestedOf = ({ acts }: Trouble): ReadonlySet<string> => {
  const why = new Map<string, boolean>();
  for (const act of acts) if (isTest(act)) why.set(act.data.test, act.data.untested !== undefined);
  return new Set([...why].flatMap(([test, isUntested]) => (isUntested ? [test] : [])));
};

/** Acts that this version of the program knows nothing of: they stand in the record and are not counted. */
export const strangersAmong = (
  { acts }: Trouble,
  faults: readonly string[],
  tests: readonly string[],
): readonly TroubleAct[] =>
  acts.filter((act) =>
    isTest(act) ? !tests.includes(act.data.test) : act.data.fault.split('+').some((one) => !faults.includes(one)),
  );

/** What was done, as a finder takes it: of a test that was taken twice the last answer stands. */
export function doneOf<F extends string, K extends string>(
  { acts }: Trouble,
  isFault: (kind: string) => kind is F,
  isKnownTest: (kind: string) => kind is K,
): readonly Done<F, K>[] {
  return acts.flatMap((act, i): readonly Done<F, K>[] => {
    if (!isTest(act)) {
      const { fault, fixed } = act.data;
      return isFault(fault) ? [{ repair: fault, fixed }] : [];
    }
    const { test, word, value } = act.data;
    const again = acts.some((other, k) => k > i && isTest(other) && other.data.test === test);
    if (again || !isKnownTest(test)) return [];
    if (value !== undefined) return [{ test, found: { value } }];
    return word === undefined ? [] : [{ test, found: { word } }];
  });
}

/** What an act is done on, and what it asks for. */
export interface ActNeeds {
  readonly touches: 'nothing' | 'bell' | 'mains';
  /** Of the circuit, while it is done. */
  readonly needs: 'live' | 'dead' | 'any';
}

/** A test as it stands in a table. */
export interface TestFacts extends ActNeeds {
  readonly minutes: number;
}

/** A fault as it stands in a table. */
export interface FaultFacts extends ActNeeds {
  /** How often it is what is out of order, beside the others. */
  readonly weight: number;
  /** Of its repair. */
  readonly minutes: number;
  /** Something is put in for it. */
  readonly part?: true;
}

/** How things stand with the circuit, for minutes that a change of it costs. */
export interface LiveOrDead {
  readonly isDead: boolean;
  /** Somebody with a licence has to be called for work on mains. */
  readonly callsLicensed: boolean;
}

/** How often each fault was what was out of order, in all jobs of the firm. */
export type RepairsFound = Readonly<Record<string, number>>;

/** A part that was dead when it came out of its bag: what it did at a bell, and its batch; empty: nobody read that. */
export interface DeadNew {
  readonly fault: string;
  readonly batch: string;
}

/** Repairs after which another device hangs there: what stood on the back of the old one is not its own. */
const REPLACING: readonly string[] = ['deviceDead', 'cameraDead', 'lampsDead'];
export const replacesDevice = (fault: string): boolean => fault.split('+').some((one) => REPLACING.includes(one));

/** The usual frequencies weigh as much as so many repairs of the firm’s own. */
const USUAL_COUNTS_AS = 30;

/** Frequencies as the firm’s own repairs make them (Dirichlet): what it found more often than is usual is thought of sooner. */
export function learnt<F extends string>(
  faults: readonly FaultAsked<F>[],
  found: RepairsFound,
): readonly FaultAsked<F>[] {
  const countOf = ({ kind }: FaultAsked<F>): number => found[kind] ?? 0;
  const counted = faults.reduce((sum, fault) => sum + countOf(fault), 0);
  const weight = faults.reduce((sum, { probability }) => sum + probability, 0);
  if (counted === 0 || weight === 0) return faults;
  return faults.map((fault) => ({
    ...fault,
    probability:
      (weight * (USUAL_COUNTS_AS * (fault.probability / weight) + countOf(fault))) / (USUAL_COUNTS_AS + counted),
  }));
}

/** From live to proved dead or back, with everybody clear; a licensed person called in, minutes. */
const CHANGE_MINUTES = 6;
const LICENSED_MINUTES = 60;

/** Minutes of a repair, with the call for somebody who may do it. */
export const repairMinutes = ({ minutes, touches }: FaultFacts, { callsLicensed }: LiveOrDead): number =>
  minutes + (touches === 'mains' && callsLicensed ? LICENSED_MINUTES : 0);

type State = 'live' | 'dead';
const inState = (place: string, state: State): string => `${place}, ${state}`;

interface Placed {
  readonly kind: string;
  readonly needs: ActNeeds['needs'];
  readonly place: string | null;
}

/**
 * The walks of a house in which a change from live to dead, and back, is a way of its own: what is done dead is done at a
 * place of its own beside the same place live, so that one proof serves all that is done until it is switched on.
 */
export function walksInStates(
  walks: readonly Walk[],
  at: string,
  { isDead }: LiveOrDead,
  acts: readonly Placed[],
): { readonly walks: readonly Walk[]; readonly at: string; readonly places: Readonly<Record<string, string | null>> } {
  const now: State = isDead ? 'dead' : 'live';
  const names = [...new Set([at, ...walks.flatMap(({ from, to }) => [from, to])])];
  return {
    at: inState(at, now),
    walks: [
      ...(['live', 'dead'] as const).flatMap((state) =>
        walks.map(({ from, to, minutes }) => ({ from: inState(from, state), to: inState(to, state), minutes })),
      ),
      ...names.map((name) => ({ from: inState(name, 'live'), to: inState(name, 'dead'), minutes: CHANGE_MINUTES })),
    ],
    places: Object.fromEntries(
      acts.map(({ kind, needs, place }) => [
        kind,
        // What asks for neither is done as it stands now
        place === null ? null : inState(place, needs === 'any' ? now : needs),
      ]),
    ),
  };
}
