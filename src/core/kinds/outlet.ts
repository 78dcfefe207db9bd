import { fixtureProfile } from './box';
import { exact, maybe, reference } from './fields';
import { LIMITS } from './limits';
import { YES_NO } from './site';

/** What covers an outlet outdoors: a hood that closes over a plug in use, a flap that does not, nothing. */
export const OUTLET_COVERS = ['inUse', 'flap', 'none'] as const;

/** The outlet that a camera with a plug is to be fed from. */
export const outletDescribed = exact({
  pointId: reference(),
  place: maybe.text(),
  /** The way of the lead from the spot to it, along what it is clipped to. */
  wayM: maybe.amount(LIMITS.leadWayM),
  /** A GFCI or RCD protects it, tried by its own button. */
  residual: maybe.choice(YES_NO),
  cover: maybe.choice(OUTLET_COVERS),
  /** It stays on whatever switch is turned. */
  alwaysOn: maybe.choice(YES_NO),
});

/** The camera with a plug that is taken, with the catalogue’s values of then. */
export const plugFixtureChosen = exact({
  pointId: reference(),
  fixture: fixtureProfile().defined(),
});
