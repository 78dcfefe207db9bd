import { transformerPart } from './bellParts';
import type { Move } from './move';
import { lookTask, moveTask, type Task } from './step';
import { hasPart, leadsAt, type Part, type Wiring } from './wiring';

const PLACE = 'transformer';

/** The part that holds the winding now: a transformer, or a chime with its transformer in one housing. */
export const feedingPart = ({ parts }: Wiring): Part | undefined =>
  parts.find(({ elements }) => elements.some(({ kind }) => kind === 'winding'));

/** Bell screws of the winding’s pair, and the leads under each. */
function bellPair(found: Wiring): readonly { readonly screw: string; readonly leads: readonly string[] }[] {
  const old = feedingPart(found);
  if (!old) return [];
  const screws = old.joints.filter(({ kind, mains }) => kind === 'screw' && !mains);
  return screws
    .map(({ id }) => ({ screw: id, leads: leadsAt(found, id).map((lead) => lead.id) }))
    .filter(({ leads }) => leads.length > 0);
}

export const takeOff = (found: Wiring): readonly Move[] =>
  bellPair(found).flatMap(({ screw, leads }) => leads.map((lead): Move => ({ do: 'off', lead, joint: screw })));

export const putOn = (found: Wiring, screws: readonly string[]): readonly Move[] =>
  bellPair(found).flatMap(({ leads }, i) =>
    leads.map((lead): Move => ({ do: 'on', lead, joint: screws[i] ?? screws[0] ?? '' })),
  );

/** Another pair of a transformer’s three or four screws: only bell wires move, its mains side stays closed. */
export function tapTasks(found: Wiring, [first, second]: readonly [string, string], volts: number): readonly Task[] {
  const old = feedingPart(found);
  if (!old) return [];
  const screws = [`${old.id}.${first}`, `${old.id}.${second}`];
  const pairs = bellPair(found);
  const moves = pairs.flatMap(({ screw, leads }, i): readonly Move[] => {
    const to = screws[i] ?? screws[0] ?? screw;
    return leads.flatMap((lead): readonly Move[] =>
      screw === to
        ? []
        : [
            { do: 'off', lead, joint: screw },
            { do: 'on', lead, joint: to },
          ],
    );
  });
  return [
    lookTask(
      PLACE,
      'tap-photo',
      'Photograph the bell screws and the label’s volts for each pair',
      'Only the bell screws are touched; the mains side stays closed.',
    ),
    moveTask(
      PLACE,
      'tap-move',
      'bell',
      [...moves, { do: 'feed', part: old.id, from: screws[1] ?? '', to: screws[0] ?? '' }],
      'The screw that is not used stays empty. Either way round. Mark the pair in use on the label.',
      `Bell wires under ${first} and ${second}: ${volts} V`,
    ),
  ];
}

/** A plug-in adapter: only the bell wires change, the old transformer’s mains side stays closed. */
export function adapterTasks(found: Wiring, name: string): readonly Task[] {
  const boxed = hasPart(found, 'boxed');
  const old = feedingPart(found);
  return [
    boxed
      ? moveTask(
          PLACE,
          'adapter-off-boxed',
          'mains',
          takeOff(found),
          'Its bell screws stand in one housing with mains terminals: opening it is mains work.',
          'Both bell wires off the boxed chime’s screws, labelled',
        )
      : moveTask(
          PLACE,
          'adapter-off',
          'bell',
          takeOff(found),
          'Only the bell screws. The old transformer’s mains side stays closed and untouched.',
          'Both bell wires off the old transformer’s screws, labelled',
        ),
    moveTask(
      PLACE,
      'adapter-join',
      'bell',
      [
        { do: 'add', part: transformerPart('new', name, 'plug', old && { place: old.place }) },
        ...putOn(found, ['new.S1', 'new.S2']),
      ],
      'Inline connectors, strip 8 mm. Either way round: AC has no polarity here.',
      'Bell wires to the plug-in adapter’s lead, not yet plugged in',
    ),
  ];
}
