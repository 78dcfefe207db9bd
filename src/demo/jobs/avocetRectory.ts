import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** Two doors and two chimes on one transformer with three screws: another pair of them may be all that is needed. */
export const avocetRectory: DemoJob = {
  title: 'Avocet Rectory',
  begun: (day) => day(0, 12),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Avocet Rectory',
        address: '2 Glebe Path',
        region: 'na-120',
        yearBuilt: 1938,
        storeys: 2,
        basement: 'yes',
        boardArea: 'basement',
        boardPlace: 'cellar, north wall',
      })
      .customer({ name: 'H. Nance', wifiName: 'glebe2', wifiBand: '2.4', permission: 'given' })
      .visit(day(0, 15))
      .door(pointId, 'Front door')
      .write('pointDescribed', {
        pointId,
        wasThere: 'button',
        wall: 'brick',
        leadReachM: 0.12,
        deviceId: 'constant-power',
      })
      .write('chimeDescribed', {
        chimeId: pointId,
        chimeKind: 'mechanical',
        ratedVolts: 16,
        place: 'hall, under the stairs',
        secondChime: 'yes',
      })
      .write('transformerDescribed', {
        supplyId: pointId,
        ratedVolts: 16,
        ratedVa: 20,
        taps: [
          { screws: 'S1–S2', ratedVolts: 8, ratedVa: 10 },
          { screws: 'S2–S3', ratedVolts: 16, ratedVa: 20 },
          { screws: 'S1–S3', ratedVolts: 24, ratedVa: 30 },
        ],
        pair: 'S2–S3',
        place: 'on a joist over the board',
        foundAt: 'basementJoist',
        toldApart: 'secondaryFollowed',
        alwaysFed: 'yes',
      })
      .write('wifiRead', { pointId, dbm: -58, upMbit: 9, downMbit: 44 })
      .write('runDescribed', { chimeId: pointId, run: 'toChime', lengthLowM: 7, lengthHighM: 8, awg: 18 })
      .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 5, lengthHighM: 6, awg: 18 })
      .write('pointAdded', {
        pointId: 'back',
        pointKind: 'doorbell',
        name: 'Back door',
        supplyId: pointId,
        chimeId: pointId,
        terminal: 'Rear',
        boxId: pointId,
      })
      .write('pointDescribed', {
        pointId: 'back',
        wasThere: 'button',
        wall: 'brick',
        leadReachM: 0.1,
        deviceId: 'compact-silent',
      })
      .write('runDescribed', { pointId: 'back', run: 'toDoor', lengthLowM: 14, lengthHighM: 14, awg: 18 })
      .write('readingTaken', { pointId, what: 'mainsVolts', low: 121, high: 121 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 19.7, high: 19.7 });
  },
};
