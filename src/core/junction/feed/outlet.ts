import { said, type Text } from '../../said';
import { hasPart, leadsAt, moveTask, pigtail, spliceAt, type Move, type Task, type Wiring } from '../../wiring';
import type { FeedRemedy } from './feedRemedy';

const CARRIES = ['hot', 'neutral', 'ground'] as const;

/** The house’s leads off the outlet’s screws, each function in a splice of its own. */
function throughSplices(wiring: Wiring, words: Text, how: Text, keep: boolean): readonly Task[] {
  if (!hasPart(wiring, 'outlet')) return [];
  const moves = CARRIES.flatMap((carries): readonly Move[] => {
    const leads = leadsAt(wiring, `outlet.${carries}`);
    if (leads.length === 0) return [];
    const splice = `splice.${carries}`;
    const tail = `outlet.tail.${carries}`;
    return [
      { do: 'splice', joint: spliceAt(splice, 'box', said('carries', { carries })) },
      ...leads.flatMap(({ id }): readonly Move[] => [
        { do: 'off', lead: id, joint: `outlet.${carries}` },
        { do: 'on', lead: id, joint: splice },
      ]),
      ...(keep
        ? ([
            { do: 'lay', leads: [pigtail(tail, said('outletsPigtail', { carries }), carries, leads[0]?.wire)] },
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
  name: said('outletGoesFeed'),
  cases: ['e'],
  when: said('mostRoomGoes'),
  minutes: 15,
  cost: 4,
  work: null,
  parts: [said('wetRatedCover'), said('connectorsCount', { count: 3 })],
  tasks: (wiring) => throughSplices(wiring, said('outletOutHots'), said('goesAnotherOutlet'), false),
};

export const outletKept: FeedRemedy = {
  id: 'outletKept',
  name: said('keepOutletPigtails'),
  cases: ['e'],
  when: said('customerWantsCounts'),
  minutes: 20,
  cost: 12,
  work: null,
  parts: [said('useCoverWet'), said('connectorsCount', { count: 3 }), said('pigtailsCount', { count: 3 })],
  tasks: (wiring) => throughSplices(wiring, said('outletPigtailsHot'), said('cameraMustNot'), true),
};
