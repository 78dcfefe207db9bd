import { said, type Text } from '../../said';
import { OWN_CIRCUIT, hasPart, lookTask, moveTask, type Lead, type Move } from '../../wiring';
import type { GroundRemedy } from './groundRemedy';
import { groundsOf } from './useGround';

const laid = (id: string, name: Text, joint: 'splice.ground' | 'box.ground'): readonly Move[] => {
  const lead: Lead = {
    id,
    name,
    carries: 'ground',
    from: null,
    to: null,
    house: { circuit: OWN_CIRCUIT, beyond: 'supply' },
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
  name: said('pullGroundingConductor'),
  when: said('soundWayNone'),
  minutes: 90,
  cost: 35,
  work: 'newGround',
  parts: [said('groundingConductor'), said('clips')],
  inWriting: null,
  fits: (survey) => groundsOf(survey, 'held').length === 0,
  tasks: () => [
    lookTask('box', 'ground-new-who', said('pullsGroundingConductor'), said('mayJoinedHow')),
    moveTask(
      'box',
      'ground-new',
      'mains',
      laid('newGround', said('newGround'), 'splice.ground'),
      said('measuredBoardBefore'),
      said('newGroundingConductor'),
    ),
  ],
};

/** Metal conduit as a recognised wiring method, where its impedance was measured. */
export const conduitGround: GroundRemedy = {
  id: 'conduitGround',
  name: said('metalConduitGround'),
  when: said('onlyRecognisedWiring'),
  minutes: 15,
  cost: 2,
  work: 'newGround',
  parts: [said('groundScrewBox'), said('pigtail')],
  inWriting: said('measuredByWhom'),
  fits: (survey) => survey.material === 'metal' && groundsOf(survey, 'held').length === 0,
  tasks: (wiring) =>
    hasPart(wiring, 'box')
      ? [
          moveTask(
            'box',
            'ground-conduit',
            'mains',
            laid('conduit', said('metalConduit'), 'box.ground'),
            said('lockNutsCouplings'),
            said('conduitsLockNut'),
          ),
        ]
      : [],
};
