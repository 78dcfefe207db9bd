import { said } from '../said';
import { JOINED_SPLICE, PASSING_SPLICE, type InsideFound } from './foundBell';
import type { Move } from './move';
import { lookTask, moveTask, type Task } from './step';
import { hasPart, leadsAt, type Wiring } from './wiring';

/** What sat inside comes off, and the wires that passed under its screws are joined: out and back, each in a splice. */
export function takeInsideOut(found: Wiring, { id, name }: InsideFound): readonly Task[] {
  if (!hasPart(found, id)) return [];
  const joined = (
    [
      [`${id}.1`, JOINED_SPLICE],
      [`${id}.2`, PASSING_SPLICE],
    ] as const
  ).flatMap(([screw, splice]): readonly Move[] => {
    const leads = leadsAt(found, screw);
    return leads.length === 0
      ? []
      : [
          ...leads.map((lead): Move => ({ do: 'off', lead: lead.id, joint: screw })),
          { do: 'splice', joint: splice },
          ...leads.map((lead): Move => ({ do: 'on', lead: lead.id, joint: splice.id })),
        ];
  });
  return [
    {
      ...lookTask('chime', 'inside-label', said('photographTerminals', { name }), said('onlyTwoThem')),
      photo: true,
    },
    moveTask(
      'chime',
      'inside-out',
      'bell',
      [...joined, { do: 'remove', part: id }],
      said('wiresNotNeeded'),
      said('oldOffSupply', { name }),
    ),
  ];
}
