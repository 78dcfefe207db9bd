import type { FixtureFault, FixtureTestKind } from '../faults';
import type { FaultFacts, TestFacts } from './trouble';

/** How often each is what is out of order at a floodlight camera, and what its repair takes. Engineering defaults (domain/prove). */
export const FIXTURE_FAULT_FACTS: Readonly<Record<FixtureFault, FaultFacts>> = {
  breakerOff: { weight: 8, minutes: 3, touches: 'nothing', needs: 'any' },
  protectionTripped: { weight: 9, minutes: 3, touches: 'nothing', needs: 'any' },
  switchOff: { weight: 18, minutes: 3, touches: 'nothing', needs: 'any' },
  aheadOpen: { weight: 10, minutes: 20, touches: 'mains', needs: 'dead' },
  plugOut: { weight: 12, minutes: 2, touches: 'nothing', needs: 'any' },
  neutralOpen: { weight: 4, minutes: 12, touches: 'mains', needs: 'dead' },
  groundOpen: { weight: 2, minutes: 12, touches: 'mains', needs: 'dead' },
  spliceLoose: { weight: 9, minutes: 12, touches: 'mains', needs: 'dead' },
  waterInBox: { weight: 7, minutes: 30, touches: 'mains', needs: 'dead' },
  cameraDead: { weight: 6, minutes: 35, touches: 'mains', needs: 'dead', part: true },
  lampsDead: { weight: 4, minutes: 35, touches: 'mains', needs: 'dead', part: true },
  lampsSetOff: { weight: 8, minutes: 3, touches: 'nothing', needs: 'any' },
  sensorTilted: { weight: 8, minutes: 8, touches: 'nothing', needs: 'any' },
  wifiWeak: { weight: 9, minutes: 25, touches: 'nothing', needs: 'any' },
  routerAsleep: { weight: 6, minutes: 6, touches: 'nothing', needs: 'any' },
  otherBand: { weight: 3, minutes: 8, touches: 'nothing', needs: 'any' },
  passwordChanged: { weight: 6, minutes: 6, touches: 'nothing', needs: 'any' },
  phoneSettings: { weight: 8, minutes: 4, touches: 'nothing', needs: 'any' },
  accountSetting: { weight: 4, minutes: 6, touches: 'nothing', needs: 'any' },
};

/** Minutes of each test once one stands there, with the ladder up, and what it asks for. Engineering defaults. */
export const FIXTURE_TEST_FACTS: Readonly<Record<FixtureTestKind, TestFacts>> = {
  boardLook: { minutes: 1, touches: 'nothing', needs: 'any' },
  resetHolds: { minutes: 2, touches: 'nothing', needs: 'any' },
  wallSwitch: { minutes: 2, touches: 'nothing', needs: 'any' },
  aheadOn: { minutes: 4, touches: 'nothing', needs: 'live' },
  lampsByPhone: { minutes: 1, touches: 'nothing', needs: 'live' },
  outletVolts: { minutes: 3, touches: 'nothing', needs: 'live' },
  hotNeutral: { minutes: 10, touches: 'mains', needs: 'live' },
  hotNeutralLoaded: { minutes: 11, touches: 'mains', needs: 'live' },
  hotGround: { minutes: 10, touches: 'mains', needs: 'live' },
  boxLook: { minutes: 6, touches: 'mains', needs: 'dead' },
  spliceTug: { minutes: 7, touches: 'mains', needs: 'dead' },
  sensorLean: { minutes: 4, touches: 'nothing', needs: 'any' },
  walkAcross: { minutes: 3, touches: 'nothing', needs: 'live' },
  dbm: { minutes: 2, touches: 'nothing', needs: 'any' },
  othersOnWifi: { minutes: 1, touches: 'nothing', needs: 'any' },
  deviceLight: { minutes: 1, touches: 'nothing', needs: 'live' },
  bandLook: { minutes: 4, touches: 'nothing', needs: 'any' },
  otherPhone: { minutes: 2, touches: 'nothing', needs: 'any' },
};

/** Minutes between the places of an ordinary house, a ladder put up with it. */
export const FIXTURE_WALKS = [
  { from: 'hall', to: 'board', minutes: 2 },
  { from: 'hall', to: 'fixture', minutes: 4 },
] as const;
