import { said, type Text } from '../said';
import { transformerPart } from './bellParts';
import { readAdapter } from './bellSide';
import { mainsConductors } from './foundBell';
import type { FittedTransformer } from './mainsSide';
import { freshMainsSide } from './mainsSide';
import { applyMove } from './move';
import { lookTask, moveTask, type Task } from './step';
import { EMPTY_WIRING, type Lead, type Wiring } from './wiring';

/** One stretch of a new cable’s way, in words, with its minutes. */
export interface Stretch {
  readonly words: Text;
  readonly how: Text;
  readonly minutes: number;
}

const PLACE = 'transformer';

/** The two conductors of a new bell cable, loose at both ends. */
const CABLE: readonly Lead[] = [
  { id: 'toDoor.a', name: said('newWireDoor'), carries: 'bell', run: 'toDoor', from: null, to: null },
  { id: 'toDoor.b', name: said('otherNewWire'), carries: 'bell', run: 'toDoor', from: null, to: null },
];

/** Its ends under the screws of what feeds it. */
const join = (words: Text, how: Text): Task =>
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
  const stretches = route.length > 0 ? route : [{ words: said('newBellCableDoor'), how: '', minutes: 0 }];
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
      readAdapter(transformer.name),
      {
        ...lookTask(
          PLACE,
          'supply-adapter',
          said('fixedBesideOutlet', { transformer: transformer.name }),
          said('outletNoSwitch'),
        ),
        moves: [{ do: 'add', part: transformerPart('new', transformer.name, 'plug') }],
      },
      ...cableTasks(route),
      join(said('newCableAdapters'), said('inlineConnectorsEither')),
    ];
  return [
    ...cableTasks(route),
    ...freshMainsSide(found, transformer, energise),
    join(said('newCableUnder', { ratedVolts: transformer.ratedVolts }), said('screwNotUsedStays')),
  ];
}

/** A further door on a supply that another door’s plan makes: that is there by then, and nothing leads to this door. */
export const branchFound = (name: Text): Wiring =>
  applyMove(EMPTY_WIRING, { do: 'add', part: transformerPart('new', name, 'plug') });

/** Its own cable, under the same two screws. */
export const branchTasks = (route: readonly Stretch[]): readonly Task[] => [
  ...cableTasks(route),
  join(said('newCableBeside'), said('oneWireEach')),
];

/** A house without a bell: the circuit’s conductors where the supply is to be made, nothing else. */
export const nothingFound = (plug: boolean, listed: readonly Lead[]): Wiring => mainsConductors(plug, listed);
