import { hasPart, leadsAt, moveTask, pigtail, spliceAt, type Move, type Task, type Wiring } from '../../wiring';
import type { FeedRemedy } from './feedRemedy';

const CARRIES = ['hot', 'neutral', 'ground'] as const;

/** The house’s leads off the outlet’s screws, each function in a splice of its own. */
function throughSplices(wiring: Wiring, words: string, how: string, keep: boolean): readonly Task[] {
  if (!hasPart(wiring, 'outlet')) return [];
  const moves = CARRIES.flatMap((carries): readonly Move[] => {
    const leads = leadsAt(wiring, `outlet.${carries}`);
    if (leads.length === 0) return [];
    const splice = `splice.${carries}`;
    const tail = `outlet.tail.${carries}`;
    return [
      { do: 'splice', joint: spliceAt(splice, 'box', carries) },
      ...leads.flatMap(({ id }): readonly Move[] => [
        { do: 'off', lead: id, joint: `outlet.${carries}` },
        { do: 'on', lead: id, joint: splice },
      ]),
      ...(keep
        ? ([
            { do: 'lay', leads: [pigtail(tail, `outlet’s ${carries} pigtail`, carries, leads[0]?.wire)] },
            { do: 'on', lead: tail, joint: splice },
            { do: 'on', lead: tail, joint: `outlet.${carries}` },
          ] as const)
        : []),
    ];
  });
  return [
    moveTask(
      'box',
      keep ? 'feed-outlet-keep' : 'feed-outlet-out',
      'mains',
      [...moves, ...(keep ? [] : [{ do: 'remove', part: 'outlet' } as const])],
      how,
      words,
    ),
  ];
}

export const outletOut: FeedRemedy = {
  id: 'outletOut',
  name: 'The outlet goes, feed spliced through',
  cases: ['e'],
  when: 'Most room. What goes on to the next outlet stays together.',
  minutes: 15,
  cost: 4,
  licensed: false,
  parts: ['wet-rated cover or surface box', '3 connectors'],
  tasks: (wiring) =>
    throughSplices(
      wiring,
      'Outlet out: hots together, neutrals together, grounds together',
      'What goes on to another outlet is joined with what comes in, as it was.',
      false,
    ),
};

export const outletKept: FeedRemedy = {
  id: 'outletKept',
  name: 'Keep the outlet on pigtails',
  cases: ['e'],
  when: 'The customer wants it. It counts twice in the box, and needs a cover that is wet-rated in use.',
  minutes: 20,
  cost: 12,
  licensed: false,
  parts: ['in-use cover, wet-rated', '3 connectors', '3 pigtails'],
  tasks: (wiring) =>
    throughSplices(
      wiring,
      'Outlet on pigtails: hot, neutral and ground spliced behind it',
      'The camera must not die with the outlet: no feed through its screws.',
      true,
    ),
};
