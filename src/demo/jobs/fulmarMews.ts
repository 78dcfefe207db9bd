import { demoBox, demoDead, demoFixture, demoTicks } from '../demoBox';
import { demoAim, demoYard } from '../demoYard';
import type { DemoJob } from '../demoJob';

const pointId = 'court';

/** A 230 V house, its light on a fused spur, old colours in the box; its head came to hang too far to the left: the gate is lost. */
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
    demoYard(
      log,
      pointId,
      {
        gate: { what: 'gate', distanceM: 6.8, turnDeg: 41, how: 'taped', wants: 'recognise' },
        car: { what: 'car', distanceM: 5, turnDeg: -8, how: 'paced', wants: 'observe' },
        window: { what: 'window', distanceM: 8, turnDeg: -58, how: 'paced', wants: 'out' },
      },
      { hedge: { stands: 'hedge', distanceM: 9, turnDeg: 0, how: 'paced', widthM: 9, depthM: 0.6, tallM: 1.6 } },
    );
    demoAim(log, pointId);
    demoDead(log, pointId, 'spur, garage', 'outside light');
    demoTicks(log, pointId, Infinity);
    log.write('mountRecorded', {
      pointId,
      heightM: 2.72,
      level: 'yes',
      panDeg: -15,
      downDeg: 21,
      rollDeg: 0,
      aimedBy: 'inclinometer',
    });
  },
};
