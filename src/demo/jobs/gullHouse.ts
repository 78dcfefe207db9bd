import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** An 8 V bell transformer of a 230 V house: to be replaced by one on a DIN rail in its own enclosure. */
export const gullHouse: DemoJob = {
  title: 'Gull House',
  begun: (day) => day(-1, 11),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Gull House',
        address: 'Harbour Row 12',
        region: 'gb-230',
        yearBuilt: 1931,
        boardPlace: 'under the stairs',
      })
      .customer({
        name: 'A. Penrose',
        wifiName: 'harbour12',
        wifiBand: '2.4',
        phone: 'missing',
        permission: 'notNeeded',
      })
      .visit(day(1, 8))
      .door(pointId, 'Front door')
      .write('pointDescribed', {
        pointId,
        wasThere: 'button',
        deviceId: 'compact-silent',
        wall: 'render',
        leadReachM: 0.07,
        holeHeightM: 1.3,
        oldMarksM: 0.09,
      })
      .write('chimeDescribed', { chimeId: pointId, chimeKind: 'mechanical', ratedVolts: 8, place: 'hall' })
      .write('transformerDescribed', {
        supplyId: pointId,
        ratedVolts: 8,
        ratedVa: 8,
        place: 'beside the consumer unit',
        foundAt: 'board',
        toldApart: 'label',
        alwaysFed: 'yes',
      })
      .write('wifiRead', { pointId, dbm: -61, upMbit: 6.5, downMbit: 31 })
      .write('runDescribed', { chimeId: pointId, run: 'toChime', lengthLowM: 5, lengthHighM: 6, mm2: 0.75 })
      .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 4, lengthHighM: 5, mm2: 0.5 })
      .write('readingTaken', { pointId, what: 'mainsVolts', low: 238, high: 238 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 11.9, high: 12.1 })
      .take({ transformerId: 'din-12-24', treatmentId: 'fuseLink' });
  },
};
