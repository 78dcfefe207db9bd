import { capAt, hasPart, moveTask, spliceAt, type Move } from '../../wiring';
import { fuseLinkPart } from '../chimeParts';
import { fuseTestTask } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

const DOOR_SPLICE = 'splice.front';

export const boxedReplaced: TreatmentPlan = {
  id: 'boxedReplaced',
  name: 'Boxed chime replaced',
  what: 'enclosure with transformer and fuse link on the two cables that are there',
  sounds: false,
  kinds: ['boxedMains'],
  fits: { shelf: 'protector', kind: 'fuseLink' },
  regions: [],
  minutes: 30,
  cost: 0,
  parts: ['spare fuse link'],
  setting: 'no chime',
  tasks: (found) => [
    fuseTestTask('boxed-fuse-test'),
    // Beside a new transformer it is out already; beside an adapter its mains side still feeds it
    ...(hasPart(found, 'boxed')
      ? [
          moveTask(
            'chime',
            'boxed-out',
            'mains',
            [
              ...(['hot', 'neutral'] as const).flatMap((one): readonly Move[] => [
                { do: 'off', lead: `house.${one}`, joint: `boxed.${one}` },
                { do: 'splice', joint: capAt(`cap.${one}`, 'chime', `${one}, capped`) },
                { do: 'on', lead: `house.${one}`, joint: `cap.${one}` },
              ]),
              { do: 'remove', part: 'boxed' },
            ],
            'Proved again at these very terminals. Its cable ends in a box with a cover, every conductor capped.',
            'Boxed chime out, its mains conductors capped',
          ),
        ]
      : []),
    moveTask(
      'chime',
      'boxed-link',
      'bell',
      [
        { do: 'add', part: fuseLinkPart() },
        { do: 'splice', joint: spliceAt(DOOR_SPLICE, 'chime', 'door side') },
        ...found.leads
          .filter(({ from, run }) => from === 'new.S1' && run === 'toDoor')
          .flatMap(({ id }): readonly Move[] => [
            { do: 'off', lead: id, joint: 'new.S1' },
            { do: 'on', lead: id, joint: DOOR_SPLICE },
          ]),
        { do: 'on', lead: 'fuse.b', joint: DOOR_SPLICE },
        { do: 'on', lead: 'fuse.a', joint: 'new.S1' },
      ],
      'Mains and bell wires apart, each by its own entry.',
      'Fuse link between the transformer’s screw and the door’s wire, in the bell part of the enclosure',
    ),
  ],
};
