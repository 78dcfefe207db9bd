import type { DoorFault, DoorTestKind } from '../../faults';
import type { FaultFacts, TestFacts } from '../trouble';

/**
 * How often each is what is out of order at a wired doorbell that used to work, beside the others; what its repair takes once
 * one stands there. Engineering defaults (domain/prove); what the firm found itself goes before them.
 */
export const DOOR_FAULT_FACTS: Readonly<Record<DoorFault, FaultFacts>> = {
  feedOff: { weight: 12, minutes: 4, touches: 'nothing', needs: 'any' },
  switchedFeed: { weight: 4, minutes: 40, touches: 'mains', needs: 'dead' },
  mainsLow: { weight: 1, minutes: 30, touches: 'nothing', needs: 'any' },
  transformerDead: { weight: 6, minutes: 35, touches: 'mains', needs: 'dead', part: true },
  transformerTired: { weight: 8, minutes: 35, touches: 'mains', needs: 'dead', part: true },
  lowTap: { weight: 2, minutes: 8, touches: 'bell', needs: 'dead' },
  sharedLoad: { weight: 2, minutes: 15, touches: 'bell', needs: 'dead' },
  openToChime: { weight: 5, minutes: 25, touches: 'bell', needs: 'dead' },
  openToDoor: { weight: 7, minutes: 25, touches: 'bell', needs: 'dead' },
  badJointToChime: { weight: 5, minutes: 25, touches: 'bell', needs: 'dead' },
  badJointToDoor: { weight: 11, minutes: 25, touches: 'bell', needs: 'dead' },
  shortToDoor: { weight: 5, minutes: 30, touches: 'bell', needs: 'dead' },
  noModule: { weight: 8, minutes: 12, touches: 'bell', needs: 'dead', part: true },
  fuseOpen: { weight: 8, minutes: 8, touches: 'bell', needs: 'dead', part: true },
  coilOpen: { weight: 2, minutes: 30, touches: 'bell', needs: 'dead', part: true },
  deviceDead: { weight: 8, minutes: 20, touches: 'nothing', needs: 'any', part: true },
  firstCharge: { weight: 3, minutes: 30, touches: 'nothing', needs: 'any' },
  wrongChimeKind: { weight: 6, minutes: 4, touches: 'nothing', needs: 'any' },
  wifiWeak: { weight: 8, minutes: 25, touches: 'nothing', needs: 'any' },
  notEnough: { weight: 90, minutes: 45, touches: 'mains', needs: 'dead', part: true },
  routerAsleep: { weight: 6, minutes: 6, touches: 'nothing', needs: 'any' },
  otherBand: { weight: 3, minutes: 8, touches: 'nothing', needs: 'any' },
  passwordChanged: { weight: 6, minutes: 6, touches: 'nothing', needs: 'any' },
  phoneSettings: { weight: 8, minutes: 4, touches: 'nothing', needs: 'any' },
  accountSetting: { weight: 4, minutes: 6, touches: 'nothing', needs: 'any' },
};

/** Where it worked for a while, what feeds it was enough: so much less is it thought of. */
export const WORKED_BEFORE = 0.1;
/** What somebody looked at and found in order may still have changed. */
export const SEEN_FINE = 0.15;
/** A device that was powered long ago is charged. */
export const LONG_CHARGED = 0.1;

/** Minutes of each test once one stands there, and what it asks for. Engineering defaults. */
export const DOOR_TEST_FACTS: Readonly<Record<DoorTestKind, TestFacts>> = {
  mainsVolts: { minutes: 2, touches: 'nothing', needs: 'any' },
  lightSwitch: { minutes: 2, touches: 'nothing', needs: 'live' },
  mainsPresent: { minutes: 2, touches: 'nothing', needs: 'live' },
  openVolts: { minutes: 6, touches: 'bell', needs: 'live' },
  loadVolts: { minutes: 7, touches: 'bell', needs: 'live' },
  runningVolts: { minutes: 2, touches: 'nothing', needs: 'live' },
  chimeVolts: { minutes: 3, touches: 'nothing', needs: 'live' },
  acrossChime: { minutes: 3, touches: 'nothing', needs: 'live' },
  frontVolts: { minutes: 3, touches: 'nothing', needs: 'live' },
  doorVoltsRunning: { minutes: 4, touches: 'nothing', needs: 'live' },
  doorVoltsOpen: { minutes: 5, touches: 'bell', needs: 'live' },
  branch: { minutes: 3, touches: 'nothing', needs: 'any' },
  loopToChime: { minutes: 6, touches: 'bell', needs: 'dead' },
  loopToDoor: { minutes: 6, touches: 'bell', needs: 'dead' },
  link: { minutes: 3, touches: 'bell', needs: 'dead' },
  pathOhms: { minutes: 3, touches: 'bell', needs: 'dead' },
  coilOhms: { minutes: 3, touches: 'bell', needs: 'dead' },
  bridge: { minutes: 4, touches: 'bell', needs: 'live' },
  pressLeads: { minutes: 4, touches: 'bell', needs: 'live' },
  goodDevice: { minutes: 12, touches: 'bell', needs: 'live' },
  dbm: { minutes: 2, touches: 'nothing', needs: 'any' },
  report: { minutes: 1, touches: 'nothing', needs: 'live' },
  chimeSetting: { minutes: 2, touches: 'nothing', needs: 'any' },
  otherDoor: { minutes: 1, touches: 'nothing', needs: 'live' },
  othersOnWifi: { minutes: 1, touches: 'nothing', needs: 'any' },
  deviceLight: { minutes: 1, touches: 'nothing', needs: 'live' },
  bandLook: { minutes: 4, touches: 'nothing', needs: 'any' },
  otherPhone: { minutes: 2, touches: 'nothing', needs: 'any' },
};

/**
 * Tests that are understood and not offered: a known resistor is seldom at hand, and the others lie so near to what is read
 * beside them that no plan gets shorter by them, only longer to find.
 */
export const NOT_OFFERED: readonly DoorTestKind[] = ['loadVolts', 'acrossChime', 'frontVolts', 'pathOhms'];

/** Minutes from the hall to each place of an ordinary house; all ways lead through it but that to the transformer. */
export const DOOR_WALKS = [
  { from: 'door', to: 'hall', minutes: 1 },
  { from: 'hall', to: 'chime', minutes: 1 },
  { from: 'hall', to: 'board', minutes: 2 },
  { from: 'board', to: 'transformer', minutes: 2 },
] as const;
