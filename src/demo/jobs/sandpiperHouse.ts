import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** A healthy transformer that frightens people: 19 V with nothing on it, and strong under a load. */
export const sandpiperHouse: DemoJob = {
  title: 'Sandpiper House',
  begun: (day) => day(0, 9),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Sandpiper House',
        address: '18 Strand Street',
        region: 'na-120',
        yearBuilt: 1994,
        boardPlace: 'garage',
      })
      .customer({ name: 'J. Ordway', wifiName: 'strand18', wifiBand: 'both', permission: 'notNeeded' })
      .visit(day(0, 9))
      .door(pointId, 'Front door')
      .write('pointDescribed', {
        pointId,
        wasThere: 'button',
        wall: 'vinyl',
        leadReachM: 0.15,
        holeHeightM: 1.22,
        oldMarksM: 0.06,
        sideClearM: 0.11,
      })
      .write('chimeDescribed', {
        chimeId: pointId,
        chimeKind: 'mechanical',
        ratedVolts: 16,
        ratedVa: 10,
        place: 'hall',
      })
      .write('transformerDescribed', {
        supplyId: pointId,
        ratedVolts: 16,
        ratedVa: 30,
        place: 'garage, beside the panel',
        foundAt: 'garage',
        toldApart: 'sameBreaker',
        alwaysFed: 'yes',
      })
      .write('wifiRead', { pointId, dbm: -57, upMbit: 6.5, downMbit: 31 })
      .write('runDescribed', { chimeId: pointId, run: 'toChime', lengthLowM: 9.144, lengthHighM: 9.144, awg: 18 })
      .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 6.096, lengthHighM: 6.096, awg: 18 })
      .write('readingTaken', { pointId, what: 'mainsVolts', low: 121, high: 121 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 19.3, high: 19.3 })
      .write('readingTaken', {
        pointId,
        what: 'volts',
        at: 'transformer',
        state: 'resistor',
        ohms: 22,
        low: 17.9,
        high: 17.9,
      })
      .take({ transformerId: null, treatmentId: 'powerModule' })
      .isolate('breaker 11', 'garage, bell')
      .tick(2);
  },
};
