import { demoBox, demoDead, demoFixture, demoTicks } from '../demoBox';
import type { DemoJob } from '../demoJob';

const pointId = 'yard';

/** A light that was handed over, and is dead since the house was painted: a call-back. */
export const pintailRow: DemoJob = {
  title: 'Pintail Row 2',
  begun: (day) => day(-40, 10),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Pintail Row 2',
        address: '2 Pintail Row',
        region: 'na-120',
        yearBuilt: 1991,
        boardArea: 'garage',
        boardPlace: 'garage',
        colourEra: 'now',
      })
      .customer({ name: 'S. Tregear', wifiName: 'pintail', wifiBand: 'both', permission: 'notNeeded' })
      .visit(day(0, 15))
      .floodlight(pointId, 'Yard')
      .write('pointDescribed', {
        pointId,
        oldFixture: 'lamp',
        mountedOn: 'wall',
        wall: 'timber',
        fixtureHeightM: 2.8448,
        switchedBy: 'kitchen, by the back door',
        shouldSee: ['car'],
      })
      .write('wifiRead', { pointId, dbm: -60, upMbit: 6.8, downMbit: 28 });
    demoBox(
      log,
      pointId,
      {
        standardBox: 'oct-2-1-8',
        material: 'metal',
        bonded: 'yes',
        clamps: 'internal',
        setting: 'flush',
        fixedTo: 'stud',
        bears: 'yes',
        ahead: 'switch',
        ratedAmps: 15,
        existingVa: 300,
      },
      [{ set: '14/2 with ground', role: 'switchLeg', truth: ['switched', 'neutral', 'ground'] }],
    );
    demoFixture(log, pointId, { fixtureId: 'twin-wall', feedId: 'guardSwitch' });
    demoDead(log, pointId, 'breaker 4', 'outside and kitchen');
    demoTicks(log, pointId, Infinity);
    log
      .write('mountRecorded', {
        pointId,
        heightM: 2.8448,
        panDeg: 0,
        downDeg: 18,
        level: 'yes',
        fixings: 'own',
        seal: 'topAndSides',
        aimedBy: 'spiritLevel',
      })
      .write('pointLeft', { pointId, customer: 'S. Tregear', copyGiven: true, signed: 'absent', unsignedWhy: 'Away.' })
      .wait(60 * 24 * 35)
      .write('troubleOpened', {
        troubleId: 'dead',
        pointId,
        symptom: 'dead',
        words: 'Neither light nor picture since the kitchen was painted.',
      });
  },
};
