import { fixtureProfile } from './box';
import { exact, reference } from './fields';
import { LIMITS, fact, schemasOf } from '../facts';

/** What covers an outlet outdoors: a hood that closes over a plug in use, a flap that does not, nothing. */
export const OUTLET_COVERS = ['inUse', 'flap', 'none'] as const;

export const OUTLET_FACTS = {
  place: fact.text(),
  /** Along what the lead is clipped to. */
  wayM: fact.tape(LIMITS.leadWayM),
  residual: fact.yesNo(),
  cover: fact.choice(OUTLET_COVERS),
  alwaysOn: fact.yesNo(),
} as const;

/** The outlet that a camera with a plug is to be fed from. */
export const outletDescribed = exact({ pointId: reference(), ...schemasOf(OUTLET_FACTS) });

/** The camera with a plug that is taken, with the catalogue’s values of then. */
export const plugFixtureChosen = exact({
  pointId: reference(),
  fixture: fixtureProfile().defined(),
});
