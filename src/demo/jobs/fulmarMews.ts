import { demoBox, demoDead, demoFixture } from '../demoBox';
import type { DemoJob } from '../demoJob';

const pointId = 'court';

/** A 230 V house, its light on a fused spur, old colours in the box. */
export const fulmarMews: DemoJob = {
  title: 'Fulmar Mews',
  begun: (day) => day(-1, 10),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Fulmar Mews',
        address: '6 Fulmar Mews',
        region: 'gb-230',
        yearBuilt: 1996,
        basement: 'no',
        heating: 'boiler',
        boardArea: 'hall',
        boardPlace: 'hall cupboard',
        colourEra: 'old',
      })
      .customer({ name: 'D. Penhallow', wifiName: 'mews6', wifiBand: 'both', permission: 'notNeeded' })
      .visit(day(0, 16))
      .floodlight(pointId, 'Court')
      .write('pointDescribed', {
        pointId,
        oldFixture: 'lamp',
        mountedOn: 'wall',
        wall: 'brick',
        fixtureHeightM: 2.8,
        switchedBy: 'spur in the garage',
        shouldSee: ['gate'],
        mustNotSee: ['neighbour'],
      })
      .write('wifiRead', { pointId, dbm: -59, upMbit: 7.7, downMbit: 30 });
    demoBox(
      log,
      pointId,
      {
        standardBox: 'gb-ip-75',
        material: 'plastic',
        clamps: 'none',
        recessM: 0,
        setting: 'surface',
        wetRated: 'yes',
        fixedTo: 'masonry',
        bears: 'yes',
        ahead: 'none',
        fedFrom: 'spur',
        residual: 'yes',
        ratedAmps: 3,
        existingVa: 0,
      },
      [{ set: '1.5 twin and earth', role: 'feed', truth: ['hot', 'neutral', 'ground'] }],
    );
    demoFixture(log, pointId, { fixtureId: 'twin-wall' });
    demoDead(log, pointId, 'spur, garage', 'outside light');
  },
};
