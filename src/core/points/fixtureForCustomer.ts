import { said, type Text } from '../said';
import { lowerFirst } from '../units';
import type { ForCustomer } from './climb';
import { pointSteps } from './planOf';
import type { Point } from './point';
import { SEES_AND_HEARS } from './tellings';

/**
 * What the customer’s page says of a light with a camera, however it is fed.
 * @param dusk what to do where the light stays off
 * @param picture what to do where there is no picture
 */
export function fixtureForCustomer(
  point: Exclude<Point, { readonly kind: 'doorbell' }>,
  dusk: Text,
  picture: Text,
): ForCustomer {
  if (!point.fixture)
    return { stands: [said('nothingFittedYet', { at: lowerFirst(point.name) })], fails: [], yours: [] };
  return {
    stands: [
      said('floodlightStands', {
        name: point.name,
        heightM: point.mount.heightM ?? null,
        isDone: pointSteps(point).every(({ id }) => id in point.ticks),
      }),
    ],
    fails: [
      { seen: said('lightStaysOff'), does: dusk },
      { seen: said('noPicture'), does: picture },
    ],
    yours: [...(point.look.mustNotSee?.length ? [said('mustNotBeSeen')] : []), SEES_AND_HEARS],
  };
}
