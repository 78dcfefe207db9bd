import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** A spot where the signal stands at −74 dBm: an extender comes first. */
export const ploverPoint: DemoJob = {
  title: 'Plover Point',
  begun: (day) => day(-1, 9),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Plover Point',
        address: '1 Lighthouse Road',
        region: 'na-120',
        yearBuilt: 1999,
        basement: 'no',
        heating: 'other',
        boardArea: 'garage',
      })
      .customer({
        name: 'H. Chenoweth',
        sharers: 'two grown children',
        wifiName: 'plover',
        wifiBand: '2.4',
        permission: 'notNeeded',
      })
      .visit(day(2, 9))
      .door(pointId, 'Garden gate')
      .write('pointDescribed', {
        pointId,
        wasThere: 'button',
        wall: 'render',
        leadReachM: 0.2,
        holeHeightM: 1.18,
        oldMarksM: 0.05,
        sideClearM: 0.3,
        routerM: 12.192,
        routerWalls: ['timber', 'stuccoLath'],
      })
      .write('chimeDescribed', { chimeId: pointId, chimeKind: 'mechanical', ratedVolts: 16, place: 'kitchen' })
      .write('transformerDescribed', {
        supplyId: pointId,
        ratedVolts: 16,
        ratedVa: 20,
        foundAt: 'garage',
        toldApart: 'sameBreaker',
        alwaysFed: 'yes',
      })
      .write('wifiRead', { pointId, dbm: -73, upMbit: 1.4, downMbit: 6.2 })
      .write('wifiRead', { pointId, dbm: -74, upMbit: 1.1, downMbit: 5.8 })
      .write('wifiRead', { pointId, dbm: -76, upMbit: 0.9, downMbit: 4.9 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 20.1, high: 20.1 })
      .floodlight('yard', 'Yard')
      .write('pointDescribed', {
        pointId: 'yard',
        oldFixture: 'sensorLight',
        mountedOn: 'eave',
        wall: 'render',
        fixtureHeightM: 2.8956,
        switchedBy: 'garage, by the side door',
        shouldSee: ['gate', 'car'],
        mustNotSee: ['neighbour'],
      })
      .write('wifiRead', { pointId: 'yard', dbm: -66, upMbit: 5.2, downMbit: 24 });
  },
};
