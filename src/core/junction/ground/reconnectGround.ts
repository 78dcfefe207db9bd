import { said } from '../../said';
import { moveTask, type Move } from '../../wiring';
import type { GroundRemedy } from './groundRemedy';
import { groundsOf } from './useGround';

/** A ground that was found lying loose: reported as found, and joined again. */
export const reconnectGround: GroundRemedy = {
  id: 'reconnectGround',
  name: said('looseGroundJoined'),
  when: said('foundLyingLoose'),
  minutes: 4,
  cost: 1,
  work: null,
  parts: [said('connectorsCount', { count: 1 })],
  inWriting: null,
  fits: (survey) => groundsOf(survey, 'loose').length > 0,
  tasks: (wiring) => {
    const loose = wiring.leads.filter(
      ({ carries, house, from, to }) => carries === 'ground' && house && from === null && to === null,
    );
    const there = wiring.splices.some(({ id }) => id === 'splice.ground');
    return [
      moveTask(
        'box',
        'ground-reconnect',
        'mains',
        [
          ...(there
            ? []
            : [
                { do: 'splice', joint: { id: 'splice.ground', place: 'box', kind: 'splice', name: 'ground' } } as const,
              ]),
          ...loose.map(({ id }): Move => ({ do: 'on', lead: id, joint: 'splice.ground' })),
        ],
        said('photographFoundFirst'),
        said('looseGroundCut'),
      ),
    ];
  },
};
