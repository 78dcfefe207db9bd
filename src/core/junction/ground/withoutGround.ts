import { said } from '../../said';
import { lookTask } from '../../wiring';
import type { GroundRemedy } from './groundRemedy';
import { groundsOf } from './useGround';

const none: GroundRemedy['fits'] = (survey) => groundsOf(survey, 'held').length === 0;

/** On without a ground, only as the region’s rule for such circuits allows, by a licensed decision in writing. */
export const byRule: GroundRemedy = {
  id: 'byRule',
  name: said('regionsRuleReplacement'),
  when: said('gfciRcdAhead'),
  minutes: 10,
  cost: 25,
  work: 'groundByRule',
  parts: [said('labelNoEquipment')],
  inWriting: said('decidedRuleGfci'),
  fits: none,
  tasks: () => [lookTask('box', 'ground-by-rule', said('decisionWritingHand'), said('protectsTriedTest'))],
};

/** A fixture of class II has no ground lead and needs none. */
export const classTwo: GroundRemedy = {
  id: 'classTwo',
  name: said('fixtureClassIi'),
  when: said('doubleInsulatedGround'),
  minutes: 0,
  cost: 0,
  work: null,
  parts: [],
  inWriting: null,
  fits: (survey, grounded) => !grounded && survey.material !== 'metal' && none(survey, grounded),
  tasks: () => [],
};

/** Nothing is known of a ground: stop and find out. It plans nothing, and holds every mains step. */
export const findOut: GroundRemedy = {
  id: 'findOut',
  name: said('stopFindOut'),
  when: said('noGroundBox'),
  minutes: 30,
  cost: 0,
  work: null,
  parts: [],
  inWriting: null,
  fits: none,
  tasks: () => [],
};
