import { said } from '../../said';
import { conductorsOf } from '../boxSurvey';
import type { BoxSurvey } from '../boxSurvey';
import type { GroundRemedy } from './groundRemedy';

/** Grounding conductors that end in the box and are joined, over every circuit in it. */
export const groundsOf = (survey: BoxSurvey, state: 'held' | 'loose') =>
  [...conductorsOf(survey, 'ground'), ...conductorsOf(survey, 'ground', 'second')].filter(
    ({ conductor }) => (conductor.state === 'loose') === (state === 'loose'),
  );

/** The ground is there and was measured. */
export const useGround: GroundRemedy = {
  id: 'useGround',
  name: said('groundBoxUsed'),
  when: said('measuredLowFixture'),
  minutes: 0,
  cost: 0,
  work: null,
  parts: [],
  inWriting: null,
  fits: (survey) => groundsOf(survey, 'held').length > 0,
  tasks: () => [],
};
