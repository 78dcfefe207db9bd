import { said } from '../../said';
import { capAt, hasPart, moveTask, spliceAt, type Move } from '../../wiring';
import { fuseLinkPart } from '../chimeParts';
import { fuseTestTask } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

const DOOR_SPLICE = 'splice.front';

export const boxedReplaced: TreatmentPlan = {
  id: 'boxedReplaced',
  name: said('boxedChimeReplaced'),
  what: said('enclosureTransformerFuse'),
  sounds: false,
  kinds: ['boxedMains'],
  fits: { shelf: 'protector', kind: 'fuseLink' },
  regions: [],
  minutes: 30,
  cost: 0,
  parts: [said('spareFuseLink')],
  setting: 'none',
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
                {
                  do: 'splice',
                  joint: capAt(`cap.${one}`, 'chime', said('capped', { what: said('carries', { carries: one }) })),
                },
                { do: 'on', lead: `house.${one}`, joint: `cap.${one}` },
              ]),
              { do: 'remove', part: 'boxed' },
            ],
            said('provedAgainThese'),
            said('boxedChimeOut'),
          ),
        ]
      : []),
    moveTask(
      'chime',
      'boxed-link',
      'bell',
      [
        { do: 'add', part: fuseLinkPart() },
        { do: 'splice', joint: spliceAt(DOOR_SPLICE, 'chime', said('doorSide')) },
        ...found.leads
          .filter(({ from, run }) => from === 'new.S1' && run === 'toDoor')
          .flatMap(({ id }): readonly Move[] => [
            { do: 'off', lead: id, joint: 'new.S1' },
            { do: 'on', lead: id, joint: DOOR_SPLICE },
          ]),
        { do: 'on', lead: 'fuse.b', joint: DOOR_SPLICE },
        { do: 'on', lead: 'fuse.a', joint: 'new.S1' },
      ],
      said('mainsBellWires'),
      said('fuseLinkBetween'),
    ),
  ],
};
