import { demoPlan } from '../demoYard';
import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** A house that never had a bell: a plug-in adapter, and a new cable to the door. */
export const petrelSteps: DemoJob = {
  title: 'Petrel Steps',
  begun: (day) => day(-1, 13),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Petrel Steps',
        address: '9 Slipway',
        region: 'na-120',
        yearBuilt: 1971,
        storeys: 1,
        basement: 'no',
        boardArea: 'garage',
        boardPlace: 'garage, inside wall',
      })
      .customer({ name: 'L. Moyle', wifiName: 'moyle-net', wifiBand: '2.4', permission: 'notNeeded' })
      .visit(day(1, 13))
      .write('pointAdded', {
        pointId,
        pointKind: 'doorbell',
        name: 'Front door',
        supplyId: 'adapter',
        chimeId: 'none',
        terminal: 'Front',
        boxId: 'outlet',
      })
      // A narrow porch: two steps up to the mat, a wall close by on the right as one faces the door
      .write('pointDescribed', {
        pointId,
        wasThere: 'nothing',
        wall: 'timber',
        deviceId: 'constant-power',
        sideClearM: 0.18,
        revealM: 0.55,
      })
      .write('approachDescribed', {
        pointId,
        doorSide: 'left',
        asideM: 0.55,
        standsM: 0.7,
        stepM: 0.34,
        shortestM: 1.1,
        revealSide: 'right',
      })
      .write('supplyPlanned', {
        supplyId: 'adapter',
        from: 'adapter',
        people: 1,
        segments: [
          { way: 'surface', lengthM: 3.5, holes: 0 },
          { way: 'trunking', lengthM: 2, holes: 1 },
          { way: 'throughWall', lengthM: 0.2, holes: 1 },
        ],
      })
      .write('wifiRead', { pointId, dbm: -57, upMbit: 8, downMbit: 40 })
      .take({ transformerId: 'plug-18-30', treatmentId: 'noChime' })
      .tick(2);
    demoPlan(log, 75, {
      house: {
        what: 'house',
        corners: [
          [0, 0],
          [0, 8],
          [9, 8],
          [9, 0],
          [6.2, 0],
          [6.2, 1.4],
          [4.6, 1.4],
          [4.6, 0],
        ],
        tallM: 4.6,
        eaveM: 0.3,
      },
      lower: {
        what: 'step',
        corners: [
          [4.6, 0],
          [4.6, 0.4],
          [6.2, 0.4],
          [6.2, 0],
        ],
        groundM: 0.17,
      },
      upper: {
        what: 'step',
        corners: [
          [4.6, 0.4],
          [4.6, 1.4],
          [6.2, 1.4],
          [6.2, 0.4],
        ],
        groundM: 0.34,
      },
      path: {
        what: 'path',
        corners: [
          [4.8, -6],
          [5.4, 0],
        ],
      },
      street: {
        what: 'street',
        corners: [
          [-6, -10],
          [-6, -6],
          [15, -6],
          [15, -10],
        ],
      },
    });
    // On the wall at the end of the porch, beside its right-hand wall
    log.write('pointOnPlan', { pointId, shapeId: 'house', side: 5, alongM: 0.2 });
  },
};
