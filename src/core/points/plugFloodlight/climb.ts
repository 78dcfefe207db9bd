import { said } from '../../said';
import type { PointClimb } from '../climb';
import { fixtureForCustomer } from '../fixtureForCustomer';
import { checksAtSpot } from '../floodlightChecks';
import { findingsOf, planStop } from '../findings';
import { customerWorries, ruleWorry, wifiWorries } from '../sharedWorries';
import { fixtureFinder } from '../fixtureFinder';
import { SEES_AND_HEARS } from '../tellings';
import { isUntouchedPlugSpot, missingAtPlugSpot, plugSpotAreas } from './look';
import { PLUG_MARKS } from './marks';
import { plugMove } from './nextMove';
import { plugHeldBy, plugParts } from './parts';
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
  checks: checksAtSpot,
  heldBy: plugHeldBy,
  device: ({ fixture }) => fixture?.data.fixture.name ?? null,
  parts: plugParts,
  forCustomer: (point) => fixtureForCustomer(point, said('plugInDusk'), said('internetThenPlug')),
  toTell: () => [said('showPlugPulledCamera'), said('coverStaysShut'), SEES_AND_HEARS],
  finder: fixtureFinder,
  verdict: ({ job, point }) =>
    point.fixture &&
    (planStop(job, point) ? { word: 'fails', words: said('doesNotStand') } : { word: 'holds', words: said('stands') }),
};
