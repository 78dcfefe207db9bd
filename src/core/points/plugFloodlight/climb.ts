import { said } from '../../said';
import { FLOODLIGHT_CHECKS } from '../../prove';
import { lowerFirst } from '../../units';
import type { PointClimb } from '../climb';
import { pointSteps } from '../planOf';
import { findingsOf, planStop } from '../findings';
import { customerWorries, ruleWorry, wifiWorries } from '../sharedWorries';
import { SEES_AND_HEARS } from '../tellings';
import { isUntouchedPlugSpot, missingAtPlugSpot, plugSpotAreas } from './look';
import { PLUG_MARKS } from './marks';
import { plugMove } from './nextMove';
import { plugParts } from './parts';
import type { PlugFloodlight } from './plugFloodlight';

export const plugFloodlightClimb: PointClimb<PlugFloodlight> = {
  firstArea: 'spot',
  isUntouched: isUntouchedPlugSpot,
  missingAtLook: missingAtPlugSpot,
  areas: plugSpotAreas,
  mark: (rung, standing) => PLUG_MARKS[rung](standing),
  nextMove: plugMove,
  worries: ({ job, point }) => [
    ...customerWorries(job),
    ...wifiWorries(job, point),
    ...findingsOf(job, point).planned.map(ruleWorry('choose')),
  ],
  checks: () => FLOODLIGHT_CHECKS,
  parts: plugParts,
  forCustomer: (point) =>
    point.fixture
      ? {
          stands: [
            said('floodlightStands', {
              name: point.name,
              heightM: point.mount.heightM ?? null,
              isDone: pointSteps(point).every(({ id }) => id in point.ticks),
            }),
          ],
          fails: [
            { seen: said('lightStaysOff'), does: said('plugInDusk') },
            { seen: said('noPicture'), does: said('internetThenPlug') },
          ],
          yours: [...(point.look.mustNotSee?.length ? [said('mustNotBeSeen')] : []), SEES_AND_HEARS],
        }
      : { stands: [said('nothingFittedYet', { at: lowerFirst(point.name) })], fails: [], yours: [] },
  toTell: () => [said('showPlugPulledCamera'), said('coverStaysShut'), SEES_AND_HEARS],
  verdict: ({ job, point }) =>
    point.fixture &&
    (planStop(job, point) ? { word: 'fails', words: said('doesNotStand') } : { word: 'holds', words: said('stands') }),
};
