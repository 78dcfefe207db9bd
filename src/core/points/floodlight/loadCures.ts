import { said, type Text } from '../../said';
import type { FixtureProfile } from '../../catalogue';
import { feedRemedy } from '../../junction';
import type { Work } from '../../region';
import { loadOf } from './fixtureOf';
import type { Floodlight } from './floodlight';

/** A way to bring a circuit’s load under its limit. */
export interface LoadCure {
  readonly id: string;
  readonly name: Text;
  /** Load with it, VA, and what may be on for hours; null where it leaves this circuit. */
  readonly totalVa: number | null;
  readonly minutes: number;
  readonly work: Work | null;
}

/** Minutes to move another load to another circuit, where that can be done at all. */
const MOVE_MINUTES = 30;

/**
 * What would bring the circuit’s load under its limit: a smaller fixture, less of what hangs on it, another circuit.
 * @returns none where the load suffices, or the rating is not known
 */
export function loadCures(
  point: Floodlight,
  fixture: Pick<FixtureProfile, 'lampVa' | 'cameraVa'>,
  fixtures: readonly FixtureProfile[],
): readonly LoadCure[] {
  const load = loadOf(point, fixture);
  if (!load || load.suffices) return [];
  const cable = feedRemedy('newCable');
  const over = Math.ceil(load.totalVa - load.limitVa);
  const smaller = fixtures.flatMap((other): readonly LoadCure[] => {
    const withIt = loadOf(point, other);
    return withIt?.suffices
      ? [{ id: other.id, name: other.name, totalVa: withIt.totalVa, minutes: 0, work: null }]
      : [];
  });
  return [
    ...smaller,
    ...((point.box.existingVa ?? 0) >= over
      ? [
          {
            id: 'lessOnIt',
            name: said('vaHangsMoved', { over }),
            totalVa: load.totalVa - over,
            minutes: MOVE_MINUTES,
            work: null,
          },
        ]
      : []),
    {
      id: 'otherCircuit',
      name: said('cableAnotherCircuit'),
      totalVa: null,
      minutes: cable?.minutes ?? 0,
      work: 'newCircuit',
    },
  ];
}
