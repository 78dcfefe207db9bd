import { demoBox, demoFixture } from '../demoBox';
import { demoPlan, demoYard } from '../demoYard';
import type { DemoJob } from '../demoJob';

const FRONT = 'front';

/** An outlet under the eave to be converted, a light without a ground, and a bell transformer that sits on a light’s box. */
export const curlewBarn: DemoJob = {
  title: 'Curlew Barn',
  begun: (day) => day(-1, 13),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Curlew Barn',
        address: '4 Saltmarsh Lane',
        region: 'na-120',
        yearBuilt: 1957,
        basement: 'no',
        heating: 'other',
        boardArea: 'garage',
        boardPlace: 'garage',
        colourEra: 'unsure',
      })
      .customer({ name: 'S. Trevanion', wifiName: 'curlew', wifiBand: '2.4', permission: 'notNeeded' })
      .visit(day(1, 9))
      .write('pointAdded', {
        pointId: FRONT,
        pointKind: 'doorbell',
        name: 'Front door',
        supplyId: FRONT,
        chimeId: FRONT,
        boxId: FRONT,
      })
      .write('pointDescribed', {
        pointId: FRONT,
        wasThere: 'button',
        wall: 'timber',
        leadReachM: 0.15,
        holeHeightM: 1.2,
        oldMarksM: 0.05,
        sideClearM: 0.12,
      })
      .write('chimeDescribed', { chimeId: FRONT, chimeKind: 'mechanical', ratedVolts: 16, ratedVa: 10, place: 'hall' })
      .write('transformerDescribed', {
        supplyId: FRONT,
        ratedVolts: 10,
        ratedVa: 5,
        place: 'on the box of the loft light',
        foundAt: 'attic',
        toldApart: 'secondaryFollowed',
        alwaysFed: 'yes',
      })
      .write('wifiRead', { pointId: FRONT, dbm: -60, upMbit: 5.1, downMbit: 21 })
      .write('readingTaken', { pointId: FRONT, what: 'volts', at: 'transformer', state: 'open', low: 13.1, high: 13.1 })
      .take({ transformerId: 'box-16-30', treatmentId: 'powerModule' });
    demoBox(
      log,
      FRONT,
      { standardBox: 'oct-1-1-2', material: 'metal', bonded: 'yes', clamps: 'internal', ahead: 'none', ratedAmps: 15 },
      [
        { set: '14/2 with ground', role: 'feed', truth: ['hot', 'neutral', 'ground'] },
        { set: '14/2 with ground', role: 'feedThrough', truth: ['hot', 'neutral', 'ground'] },
      ],
    );

    log
      .floodlight('eave', 'Eave, outlet')
      .write('pointDescribed', {
        pointId: 'eave',
        oldFixture: 'nothing',
        mountedOn: 'eave',
        wall: 'timber',
        fixtureHeightM: 2.8956,
        fallPercent: 4,
        shouldSee: ['gate', 'car'],
      })
      .write('wifiRead', { pointId: 'eave', dbm: -64, upMbit: 4.6, downMbit: 19 });
    demoBox(
      log,
      'eave',
      {
        standardBox: 'fd',
        material: 'metal',
        bonded: 'yes',
        clamps: 'none',
        recessM: 0,
        deviceIn: 'outlet',
        setting: 'surface',
        wetRated: 'yes',
        fixedTo: 'board',
        bears: 'yes',
        residual: 'yes',
        ratedAmps: 20,
        existingVa: 700,
      },
      [
        { set: '12/2 with ground', role: 'feed', truth: ['hot', 'neutral', 'ground'] },
        { set: '12/2 with ground', role: 'feedThrough', truth: ['hot', 'neutral', 'ground'] },
      ],
    );
    demoFixture(log, 'eave', { fixtureId: 'twin-eave', feedId: 'outletOut' });
    demoYard(
      log,
      'eave',
      {
        door: { what: 'door', distanceM: 3.4, turnDeg: -52, how: 'taped', wants: 'identify' },
        gate: { what: 'gate', distanceM: 8.5, turnDeg: 18, how: 'paced', wants: 'recognise' },
        window: { what: 'window', distanceM: 6.5, turnDeg: 64, how: 'paced', wants: 'out' },
      },
      { wall: { stands: 'wall', distanceM: 9.6, turnDeg: 0, how: 'paced', widthM: 12, depthM: 0.25, tallM: 1.8 } },
    );

    // A back yard with a terrace at the door, the neighbour's house close by and his garden behind the wall
    demoPlan(log, 170, {
      barn: {
        what: 'house',
        corners: [
          [0, 0],
          [0, 8],
          [14, 8],
          [14, 0],
        ],
        tallM: 3.1,
        eaveM: 0.5,
      },
      terrace: {
        what: 'step',
        corners: [
          [8.6, -3],
          [8.6, 0],
          [13, 0],
          [13, -3],
        ],
        groundM: 0.3,
      },
      neighbour: {
        what: 'neighbour',
        corners: [
          [-8, -10],
          [-8, -2],
          [1, -2],
          [1, -10],
        ],
      },
      nextDoor: {
        what: 'window',
        corners: [
          [1.05, -3.5],
          [1.05, -2.3],
        ],
      },
      garden: {
        what: 'garden',
        corners: [
          [1, -16],
          [1, -10],
          [13, -10],
          [13, -16],
        ],
      },
    });
    log.write('pointOnPlan', { pointId: 'eave', shapeId: 'barn', side: 3, alongM: 7 });

    log
      .floodlight('gable', 'Gable')
      .write('pointDescribed', {
        pointId: 'gable',
        oldFixture: 'lamp',
        mountedOn: 'wall',
        wall: 'timber',
        fixtureHeightM: 3.048,
        switchedBy: 'workshop',
        shouldSee: ['faces', 'car'],
      })
      .write('wifiRead', { pointId: 'gable', dbm: -66, upMbit: 3.8, downMbit: 17 });
    demoBox(
      log,
      'gable',
      {
        standardBox: 'oct-1-1-2',
        material: 'metal',
        bonded: 'no',
        oldGrounded: 'no',
        clamps: 'internal',
        recessM: 0,
        setting: 'flush',
        wetRated: 'yes',
        fixedTo: 'stud',
        bears: 'yes',
        ahead: 'none',
        ratedAmps: 15,
        existingVa: 300,
      },
      [{ set: '14/2', role: 'feed', truth: ['hot', 'neutral'] }],
    );
    demoFixture(log, 'gable', { fixtureId: 'twin-wall', groundId: 'findOut' });
  },
};
