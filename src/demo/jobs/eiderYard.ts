import { demoBox, demoDead, demoFixture, demoTicks } from '../demoBox';
import { demoPlan, demoYard } from '../demoYard';
import type { DemoJob } from '../demoJob';

/** Three lights to be replaced: a box with room, a pancake box that is overfull, and an old sensor light on a switched leg. */
export const eiderYard: DemoJob = {
  title: 'Eider Yard',
  begun: (day) => day(-2, 9),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Eider Yard',
        address: '31 Ropewalk',
        region: 'na-120',
        yearBuilt: 1988,
        basement: 'yes',
        heating: 'furnace',
        boardArea: 'basement',
        boardPlace: 'basement, under the stairs',
        colourEra: 'now',
      })
      .customer({ name: 'P. Kestle', wifiName: 'eider', wifiBand: 'both', permission: 'notNeeded' })
      .visit(day(0, 14))
      .floodlight('drive', 'Drive')
      .write('pointDescribed', {
        pointId: 'drive',
        oldFixture: 'lamp',
        mountedOn: 'wall',
        wall: 'brick',
        fixtureHeightM: 2.8448,
        switchedBy: 'hall, by the door',
        shouldSee: ['car', 'gate'],
      })
      .write('wifiRead', { pointId: 'drive', dbm: -58, upMbit: 8.2, downMbit: 34 });
    demoBox(
      log,
      'drive',
      {
        standardBox: 'oct-2-1-8',
        material: 'metal',
        bonded: 'yes',
        clamps: 'internal',
        fittings: 0,
        recessM: 0.0032,
        setting: 'flush',
        wetRated: 'yes',
        fixedTo: 'stud',
        bears: 'yes',
        ahead: 'switch',
        ratedAmps: 15,
        existingVa: 420,
      },
      [
        { set: '14/2 with ground', role: 'feed', truth: ['hot', 'neutral', 'ground'] },
        { set: '14/3 with ground', role: 'switchLeg', truth: ['hot', 'switched', 'neutral', 'ground'] },
      ],
    );
    demoFixture(log, 'drive', { fixtureId: 'twin-wall', feedId: 'useFeed' });
    demoYard(
      log,
      'drive',
      {
        gate: { what: 'gate', distanceM: 7.4, turnDeg: 22, how: 'paced', wants: 'recognise' },
        car: { what: 'car', distanceM: 5.2, turnDeg: -24, how: 'paced', wants: 'observe' },
        bins: { what: 'bins', distanceM: 7, turnDeg: 58, how: 'paced', wants: 'detect' },
        window: { what: 'window', distanceM: 9.5, turnDeg: -62, how: 'paced', wants: 'out' },
      },
      {
        car: { stands: 'car', distanceM: 4.6, turnDeg: -30, how: 'paced', widthM: 1.8, depthM: 4.3, tallM: 1.5 },
        shed: { stands: 'shed', distanceM: 4.9, turnDeg: 60, how: 'taped', widthM: 2, depthM: 1.8, tallM: 2.2 },
      },
    );
    demoPlan(log, 20, {
      house: {
        what: 'house',
        corners: [
          [0, 0],
          [0, 9],
          [12, 9],
          [12, 3.5],
          [7.5, 3.5],
          [7.5, 0],
        ],
        tallM: 5.4,
        eaveM: 0.3,
      },
      street: {
        what: 'street',
        corners: [
          [-12, -18],
          [-12, -12.5],
          [20, -12.5],
          [20, -18],
        ],
      },
      hedge: {
        what: 'hedge',
        corners: [
          [-4, -11.6],
          [-4, -11],
          [1, -11],
          [1, -11.6],
        ],
      },
      path: {
        what: 'path',
        corners: [
          [0.9, -9],
          [2.2, -5],
          [2.6, -0.4],
        ],
      },
      nextDoor: {
        what: 'window',
        corners: [
          [11.5, -4.2],
          [11.5, -5.6],
        ],
      },
    });
    // On the wall towards the street, from its corner at the drive
    log.write('pointOnPlan', { pointId: 'drive', shapeId: 'house', side: 5, alongM: 3.7 });
    demoDead(log, 'drive', 'breaker 9', 'outside lights');
    demoTicks(log, 'drive', 9);

    log
      .floodlight('side', 'Side path')
      .write('pointDescribed', {
        pointId: 'side',
        oldFixture: 'lamp',
        mountedOn: 'wall',
        wall: 'vinyl',
        fixtureHeightM: 2.7432,
        switchedBy: 'kitchen',
        shouldSee: ['bins'],
      })
      .write('wifiRead', { pointId: 'side', dbm: -63, upMbit: 5.9, downMbit: 22 });
    demoBox(
      log,
      'side',
      {
        standardBox: 'pancake',
        material: 'metal',
        bonded: 'no',
        clamps: 'internal',
        fittings: 0,
        recessM: 0,
        setting: 'flush',
        wetRated: 'no',
        fixedTo: 'board',
        bears: 'no',
        ahead: 'none',
        ratedAmps: 15,
        existingVa: 420,
      },
      [{ set: '14/2 with ground', role: 'feed', truth: ['hot', 'neutral', 'ground'] }],
    );

    log
      .floodlight('back', 'Back door')
      .write('pointDescribed', {
        pointId: 'back',
        oldFixture: 'sensorLight',
        mountedOn: 'eave',
        wall: 'timber',
        fixtureHeightM: 2.667,
        switchedBy: 'utility, by the back door',
        shouldSee: ['faces'],
      })
      .write('wifiRead', { pointId: 'back', dbm: -61, upMbit: 6.4, downMbit: 26 });
    demoBox(
      log,
      'back',
      {
        standardBox: 'oct-1-1-2',
        material: 'plastic',
        clamps: 'none',
        recessM: 0.0095,
        setting: 'flush',
        wetRated: 'yes',
        fixedTo: 'stud',
        bears: 'yes',
        ahead: 'switch',
        ratedAmps: 15,
        existingVa: 600,
      },
      [{ set: '14/2 with ground', role: 'switchLeg', truth: ['switched', 'neutral', 'ground'] }],
      5,
    );
  },
};
