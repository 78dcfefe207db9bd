import { said } from '../../said';
import type { PointClimb } from '../climb';
import { fixtureForCustomer } from '../fixtureForCustomer';
import { checksAtSpot } from '../floodlightChecks';
import { planStop, uncheckedOf } from '../findings';
import { fixtureFinder } from '../fixtureFinder';
import { BY_ITS_CIRCUIT, SEES_AND_HEARS } from '../tellings';
import type { Floodlight } from './floodlight';
import { isUntouchedSpot, missingAtSpot, spotAreas } from './look';
import { FLOODLIGHT_MARKS } from './marks';
import { floodlightMove } from './nextMove';
import { floodlightHeldBy, floodlightParts } from './parts';
import { floodlightWorries } from './worries';

export const floodlightClimb: PointClimb<Floodlight> = {
  firstArea: 'fixture',
  isUntouched: isUntouchedSpot,
  missingAtLook: missingAtSpot,
  areas: spotAreas,
  mark: (rung, standing) => FLOODLIGHT_MARKS[rung](standing),
  nextMove: floodlightMove,
  worries: floodlightWorries,
  checks: checksAtSpot,
  forCustomer: (point) => fixtureForCustomer(point, said('wayOnDusk'), said('internetThenWay')),
  toTell: () => [BY_ITS_CIRCUIT, said('keepSwitchWithoutPower'), SEES_AND_HEARS],
  heldBy: (_job, point) => floodlightHeldBy(point),
  device: ({ fixture }) => fixture?.data.fixture.name ?? null,
  parts: (_job, point) => floodlightParts(point),
  // Whether its plan stands
  finder: fixtureFinder,
  verdict: ({ job, point }) =>
    point.fixture &&
    (planStop(job, point)
      ? { word: 'fails', words: said('doesNotStand') }
      : uncheckedOf(job, point).length > 0
        ? { word: 'cannotTell', words: said('cantTellPlan') }
        : { word: 'holds', words: said('stands') }),
};
