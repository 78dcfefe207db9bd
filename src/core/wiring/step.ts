import type { Work } from '../region';
import type { Text } from '../said';
import type { StepRole, Touches } from '../isolation';
import type { Move } from './move';

export type StepPlace = 'van' | 'chime' | 'door' | 'transformer' | 'cable' | 'box' | 'switch' | 'spot' | 'outlet';

/** One thing to do, small enough to be ticked. */
export interface Task {
  /** Stable within a plan: ticks refer to it. */
  readonly id: string;
  readonly place: StepPlace;
  /** What to do; null where it is told by the moves themselves. */
  readonly words: Text | null;
  readonly how: Text;
  readonly touches: Touches;
  /** What it changes of the wiring; none where something is only looked at. */
  readonly moves: readonly Move[];
  /** How much insulation comes off, m. */
  readonly stripM?: number;
  /** How long it takes, where that was worked out for it. */
  readonly minutes?: number;
  /** A picture belongs to it. */
  readonly photo?: true;
  /** Work needs a standing proof; the proof itself, and a live test, ask for other things. */
  readonly role: StepRole;
  /** What of it places keep for a licence. */
  readonly work?: Work;
  /** The circuit is switched on here to see it work: every proof ends with it. */
  readonly energises?: true;
  /** A check whose figure is taken with this step. */
  readonly reads?: 'newOpenVolts';
  /** It closes the place that was open: nobody has hands in it any more. */
  readonly closes?: true;
  /** A plug goes into its outlet: nothing live is touched, and a plan that does not stand holds it all the same. */
  readonly plugsIn?: true;
}

/** A task as it is read and ticked. */
export interface Step extends Omit<Task, 'words'> {
  readonly words: Text;
  /** The joint at hand: the last one that its moves name. */
  readonly joint: string | null;
  /** A lead went under a screw or into a port: it is tugged. */
  readonly tug: boolean;
}

/** Tasks of a work that places may keep for a licence: what touches mains of them. */
export const ofWork = (work: Work | null, tasks: readonly Task[]): readonly Task[] =>
  work === null ? tasks : tasks.map((task) => (task.touches === 'mains' ? { ...task, work } : task));

/** A task that only looks, labels or seats: no wire changes its place. */
export const lookTask = (place: StepPlace, id: string, words: Text, how: Text): Task => ({
  id,
  place,
  words,
  how,
  touches: 'nothing',
  role: 'work',
  moves: [],
});

/** A task that the moves tell themselves. */
export const moveTask = (
  place: StepPlace,
  id: string,
  touches: Exclude<Touches, 'nothing'>,
  moves: readonly Move[],
  how: Text,
  words: Text | null = null,
): Task => ({ id, place, words, how, touches, role: 'work', moves });

/** The cover comes off as if everything were live, and the conductors are proved dead with it: the proof is this step. */
export const proofTask = (place: StepPlace, id: string, words: Text, how: Text, moves: readonly Move[] = []): Task => ({
  ...moveTask(place, id, 'mains', moves, how, words),
  role: 'proof',
});

/** Steps with which a circuit is switched on, and steps that close a place: ticks name them by their ids. */
export const ENERGISING_STEPS: ReadonlySet<string> = new Set([
  'box-read',
  'box-energise',
  'mains-energise',
  'mains-read-open',
]);
export const CLOSING_STEPS: ReadonlySet<string> = new Set([
  'box-close',
  'mains-close',
  'feed-ahead-blank',
  'feed-guard',
]);
