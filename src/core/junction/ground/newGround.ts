import { hasPart, lookTask, moveTask, type Lead, type Move } from '../../wiring';
import type { GroundRemedy } from './groundRemedy';
import { groundsOf } from './useGround';

const laid = (id: string, name: string, joint: 'splice.ground' | 'box.ground'): readonly Move[] => {
  const lead: Lead = {
    id,
    name,
    carries: 'ground',
    from: null,
    to: null,
    house: { circuit: 'A', beyond: 'supply' },
  };
  return [
    { do: 'lay', leads: [lead] },
    ...(joint === 'splice.ground'
      ? [{ do: 'splice', joint: { id: joint, place: 'box', kind: 'splice', name: 'ground' } } as const]
      : []),
    { do: 'on', lead: id, joint },
  ];
};

/** A grounding conductor is pulled where there is none. */
export const newGround: GroundRemedy = {
  id: 'newGround',
  name: 'Pull a grounding conductor',
  when: 'The sound way where there is none. Licensed work in most places.',
  minutes: 90,
  cost: 35,
  licensed: true,
  parts: ['grounding conductor', 'clips'],
  inWriting: null,
  fits: (survey) => groundsOf(survey, 'held').length === 0,
  tasks: () => [
    lookTask(
      'box',
      'ground-new-who',
      'Who pulls the grounding conductor is licensed for it here',
      'Where it may be joined, and how big it is, the local rule says.',
    ),
    moveTask(
      'box',
      'ground-new',
      'mains',
      laid('newGround', 'new ground', 'splice.ground'),
      'Measured to the board before anything is joined to it: under 1 Ω.',
      'New grounding conductor in, measured, ready for its splice',
    ),
  ],
};

/** Metal conduit as a recognised wiring method, where its impedance was measured. */
export const conduitGround: GroundRemedy = {
  id: 'conduitGround',
  name: 'Metal conduit as the ground, measured',
  when: 'Only as a recognised wiring method, with a measured low impedance. Volts from hot to the box prove nothing.',
  minutes: 15,
  cost: 2,
  licensed: true,
  parts: ['ground screw for the box', 'pigtail'],
  inWriting: 'what was measured, by whom: “0.3 Ω, box to panel, by …”',
  fits: (survey) => survey.material === 'metal' && groundsOf(survey, 'held').length === 0,
  tasks: (wiring) =>
    hasPart(wiring, 'box')
      ? [
          moveTask(
            'box',
            'ground-conduit',
            'mains',
            laid('conduit', 'metal conduit', 'box.ground'),
            'Lock-nuts and couplings tight along all of it; the ohms are on the sheet.',
            'Conduit’s lock-nut tight, box scraped bright at its ground screw',
          ),
        ]
      : [],
};
