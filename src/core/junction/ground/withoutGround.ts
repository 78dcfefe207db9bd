import { lookTask } from '../../wiring';
import type { GroundRemedy } from './groundRemedy';
import { groundsOf } from './useGround';

const none: GroundRemedy['fits'] = (survey) => groundsOf(survey, 'held').length === 0;

/** On without a ground, only as the region’s rule for such circuits allows, by a licensed decision in writing. */
export const byRule: GroundRemedy = {
  id: 'byRule',
  name: 'By the region’s rule for a replacement, in writing',
  when: 'A GFCI or RCD ahead, or a fitting that needs no ground: a licensed decision, on the sheet.',
  minutes: 10,
  cost: 25,
  licensed: true,
  parts: ['label “no equipment ground”'],
  inWriting: 'who decided, by which rule: “GFCI breaker fitted, R. Vance, licensed”',
  fits: none,
  tasks: () => [
    lookTask(
      'box',
      'ground-by-rule',
      'Decision in writing at hand; label “no equipment ground” on the box',
      'What protects it is tried with its test button before the fixture goes on.',
    ),
  ],
};

/** A fixture of class II has no ground lead and needs none. */
export const classTwo: GroundRemedy = {
  id: 'classTwo',
  name: 'Fixture of class II: needs no ground',
  when: 'Double insulated. A ground that is there still ends in its splice, never loose.',
  minutes: 0,
  cost: 0,
  licensed: false,
  parts: [],
  inWriting: null,
  fits: (survey, grounded) => !grounded && survey.material !== 'metal' && none(survey, grounded),
  tasks: () => [],
};

/** Nothing is known of a ground: stop and find out. It plans nothing, and holds every mains step. */
export const findOut: GroundRemedy = {
  id: 'findOut',
  name: 'Stop and find out',
  when: 'No ground in the box. Nothing goes on until it is found, pulled, or decided in writing.',
  minutes: 30,
  cost: 0,
  licensed: false,
  parts: [],
  inWriting: null,
  fits: none,
  tasks: () => [],
};
