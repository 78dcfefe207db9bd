import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** An entry phone before: its 12 V supply measured like any other, its own cable kept, the handset to come off. */
export const scoterMews: DemoJob = {
  title: 'Scoter Mews 3',
  begun: (day) => day(-1, 10),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Scoter Mews 3',
        address: '3 Scoter Mews',
        region: 'gb-230',
        yearBuilt: 1994,
        boardPlace: 'meter cupboard',
      })
      .customer({ name: 'G. Rosevear', wifiName: 'scoter3', wifiBand: '2.4', permission: 'given' })
      .visit(day(2, 11))
      .door(pointId, 'Street door')
      .write('pointDescribed', {
        pointId,
        wasThere: 'entryPhone',
        ownCable: 'kept',
        deviceId: 'compact-silent',
        wall: 'brick',
        leadReachM: 0.11,
        holeHeightM: 1.32,
        oldMarksM: 0.16,
      })
      .write('transformerDescribed', {
        supplyId: pointId,
        ratedVolts: 12,
        ratedVa: 18,
        place: 'meter cupboard, on the rail',
        foundAt: 'board',
        toldApart: 'label',
        alwaysFed: 'yes',
      })
      .write('wifiRead', { pointId, dbm: -59, upMbit: 7.5, downMbit: 33 })
      .write('runDescribed', { chimeId: pointId, run: 'toChime', lengthLowM: 6, lengthHighM: 7, mm2: 0.5 })
      .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 3, lengthHighM: 4, mm2: 0.5 })
      .write('readingTaken', { pointId, what: 'mainsVolts', low: 236, high: 236 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 14.6, high: 14.8 });
  },
};
