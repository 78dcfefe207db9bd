import { said, type Text } from '../said';
import { transformerPart } from './bellParts';
import type { Move } from './move';
import { lookTask, moveTask, type Task } from './step';
import { hasPart, leadsAt, type Part, type Wiring } from './wiring';

const PLACE = 'transformer';

/** The part that holds the winding now: a transformer, or a chime with its transformer in one housing. */
export const feedingPart = ({ parts }: Wiring): Part | undefined =>
  parts.find(({ elements }) => elements.some(({ kind }) => kind === 'winding'));

/** Whether a transformer plugs in: it has a winding and no primary side that is anybody’s wiring. */
export const isPluggedIn = ({ elements }: Part): boolean =>
  elements.some(({ kind }) => kind === 'winding') && !elements.some(({ kind }) => kind === 'primary');

/** A plug is pulled by whoever works on what it feeds. */
export const plugOutTask = (): Task => lookTask(PLACE, 'plug-out', said('pullItsPlug'), said('outAndInSight'));

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
    lookTask(PLACE, 'tap-photo', said('photographBellScrews'), said('onlyBellScrews')),
    moveTask(
      PLACE,
      'tap-move',
      'bell',
      [...moves, { do: 'feed', part: old.id, from: screws[1] ?? '', to: screws[0] ?? '' }],
      said('screwNotUsed'),
      said('bellWiresUnder', { first, second, volts }),
    ),
  ];
}

const adapterOn = (found: Wiring, name: Text, old: Part | undefined): Task =>
  moveTask(
    PLACE,
    'adapter-join',
    'bell',
    [
      { do: 'add', part: transformerPart('new', name, 'plug', old && { place: old.place }) },
      ...putOn(found, ['new.S1', 'new.S2']),
    ],
    said('inlineConnectorsStrip'),
    said('bellWiresPlug'),
  );

/** A new adapter is read before anything hangs on it: it is plugged in anywhere for that, and out again. */
export const readAdapter = (name: Text): Task => ({
  ...lookTask(PLACE, 'adapter-read', said('readAdapterOpen', { name }), said('pluggedForReading')),
  reads: 'newOpenVolts',
});

/** A plug-in adapter: only the bell wires change, the old transformer’s mains side stays closed. */
export function adapterTasks(found: Wiring, name: Text): readonly Task[] {
  const boxed = hasPart(found, 'boxed');
  const old = feedingPart(found);
  if (old && isPluggedIn(old))
    return [
      readAdapter(name),
      plugOutTask(),
      moveTask(
        PLACE,
        'adapter-off',
        'bell',
        [...takeOff(found), { do: 'remove', part: old.id }],
        said('oneTimeEach'),
        said('oldPlugOffAway'),
      ),
      adapterOn(found, name, old),
    ];
  return [
    readAdapter(name),
    boxed
      ? moveTask(PLACE, 'adapter-off-boxed', 'mains', takeOff(found), said('bellScrewsStand'), said('bothBellWires'))
      : moveTask(PLACE, 'adapter-off', 'bell', takeOff(found), said('onlyBellScrewsOld'), said('bothBellWiresOff')),
    adapterOn(found, name, old),
  ];
}
