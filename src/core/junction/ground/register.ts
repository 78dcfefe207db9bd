import type { BoxSurvey } from '../boxSurvey';
import type { GroundRemedy } from './groundRemedy';
import { conduitGround, newGround } from './newGround';
import { reconnectGround } from './reconnectGround';
import { useGround } from './useGround';
import { byRule, classTwo, findOut } from './withoutGround';

/** Every ground remedy, the soundest first. A further one is a file and a line here. */
export const GROUND_REMEDIES: readonly GroundRemedy[] = [
  reconnectGround,
  useGround,
  classTwo,
  findOut,
  newGround,
  conduitGround,
  byRule,
];

export const GROUND_REMEDY_IDS = GROUND_REMEDIES.map(({ id }) => id);

export const groundRemedy = (id: string): GroundRemedy | undefined => GROUND_REMEDIES.find((one) => one.id === id);

/**
 * Remedies for the ground of a box; a new cable brings its own.
 * @param school `byRule`: the firm goes on without one where the region’s rule allows it, in writing
 */
export const groundRemediesFor = (
  survey: BoxSurvey,
  grounded: boolean,
  school: 'stop' | 'byRule',
  feedId: string | null,
): readonly GroundRemedy[] =>
  feedId === 'newCable'
    ? [useGround]
    : GROUND_REMEDIES.filter(
        (remedy) => remedy.fits(survey, grounded) && (remedy.id !== 'byRule' || school === 'byRule'),
      );
