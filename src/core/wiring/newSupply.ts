import { transformerPart } from './bellParts';
import { mainsConductors } from './foundBell';
import type { FittedTransformer } from './mainsSide';
import { freshMainsSide } from './mainsSide';
import { applyMove } from './move';
import { lookTask, moveTask, type Task } from './step';
import { EMPTY_WIRING, type Lead, type Wiring } from './wiring';

/** One stretch of a new cable’s way, in words, with its minutes. */
export interface Stretch {
  readonly words: string;
  readonly how: string;
  readonly minutes: number;
}

const PLACE = 'transformer';

/** The two conductors of a new bell cable, loose at both ends. */
const CABLE: readonly Lead[] = [
  { id: 'toDoor.a', name: 'new wire to the door', carries: 'bell', run: 'toDoor', from: null, to: null },
  { id: 'toDoor.b', name: 'other new wire to the door', carries: 'bell', run: 'toDoor', from: null, to: null },
];

/** Its ends under the screws of what feeds it. */
const join = (words: string, how: string): Task =>
  moveTask(
    PLACE,
    'supply-join',
    'bell',
    [
      { do: 'on', lead: 'toDoor.a', joint: 'new.S1' },
      { do: 'on', lead: 'toDoor.b', joint: 'new.S2' },
    ],
    how,
    words,
  );

/** The cable’s way, stretch by stretch; it lies once the last one is done. */
function cableTasks(route: readonly Stretch[]): readonly Task[] {
  const stretches = route.length > 0 ? route : [{ words: 'New bell cable to the door', how: '', minutes: 0 }];
  return stretches.map(({ words, how, minutes }, i): Task => ({
    ...(i === stretches.length - 1
      ? moveTask('cable', `supply-way-${i + 1}`, 'bell', [{ do: 'lay', leads: CABLE }], how, words)
      : lookTask('cable', `supply-way-${i + 1}`, words, how)),
    // Nothing feeds it yet
    touches: 'nothing',
    ...(minutes > 0 ? { minutes } : {}),
  }));
}

/**
 * A supply where there was none: what feeds it, and its cable on the way to the door. A plug stays out of its outlet
 * until everything is wired; a transformer of its own is mains work like any other.
 */
export function newSupply(
  found: Wiring,
  transformer: FittedTransformer,
  route: readonly Stretch[],
  energise: boolean,
): readonly Task[] {
  if (transformer.fit === 'plugIn')
    return [
      {
        ...lookTask(
          PLACE,
          'supply-adapter',
          `${transformer.name} fixed beside its outlet, not plugged in`,
          'An outlet that no switch turns off, in the dry. It stays unplugged until the door is wired.',
        ),
        moves: [{ do: 'add', part: transformerPart('new', transformer.name, 'plug') }],
      },
      ...cableTasks(route),
      join('New cable to the adapter’s lead, adapter still out of its outlet', 'Inline connectors. Either way round.'),
    ];
  return [
    ...cableTasks(route),
    ...freshMainsSide(found, transformer, energise),
    join(`New cable under the screws that give ${transformer.ratedVolts} V`, 'The screw that is not used stays empty.'),
  ];
}

/** A further door on a supply that another door’s plan makes: that is there by then, and nothing leads to this door. */
export const branchFound = (name: string): Wiring =>
  applyMove(EMPTY_WIRING, { do: 'add', part: transformerPart('new', name, 'plug') });

/** Its own cable, under the same two screws. */
export const branchTasks = (route: readonly Stretch[]): readonly Task[] => [
  ...cableTasks(route),
  join(
    'New cable beside the other door’s, under the same two screws',
    'One wire of each cable under each screw, both tugged.',
  ),
];

/** A house without a bell: the circuit’s conductors where the supply is to be made, nothing else. */
export const nothingFound = (plug: boolean, listed: readonly Lead[]): Wiring => mainsConductors(plug, listed);
