import { fixtureProfile } from './box';
import { exact, reference } from './fields';
import { LIMITS, fact, schemasOf } from '../facts';

/** What covers an outlet outdoors: a hood that closes over a plug in use, a flap that does not, nothing. */
export const OUTLET_COVERS = ['inUse', 'flap', 'none'] as const;

export const OUTLET_FACTS = {
  place: fact.text('where it is'),
  /** Along what the lead is clipped to. */
  wayM: fact.tape('way of the lead to it', LIMITS.leadWayM),
  residual: fact.yesNo('its GFCI or RCD turns it off when tested'),
  cover: fact.choice('its cover', OUTLET_COVERS, {
    inUse: 'closes over a plug',
    flap: 'a flap only',
    none: 'nothing',
  }),
  alwaysOn: fact.yesNo('on whatever switch is turned'),
} as const;

/** The outlet that a camera with a plug is to be fed from. */
export const outletDescribed = exact({ pointId: reference(), ...schemasOf(OUTLET_FACTS) });

/** The camera with a plug that is taken, with the catalogue’s values of then. */
export const plugFixtureChosen = exact({
  pointId: reference(),
  fixture: fixtureProfile().defined(),
});
