import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** An old 10 VA transformer that works by day and fails at night. */
export const ternCottage: DemoJob = {
  title: 'Tern Cottage',
  begun: (day) => day(0, 8),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Tern Cottage',
        address: '3 Slip Lane',
        region: 'na-120',
        yearBuilt: 1962,
        basement: 'yes',
        heating: 'furnace',
        boardArea: 'basement',
        colourEra: 'old',
        hazards: ['steepSteps'],
        boardPlace: 'cellar, behind the door',
      })
      .write('customerDescribed', {
        name: 'M. Pellow',
        owner: 'M. Pellow',
        pointNames: 'ready',
        someoneHome: 'ready',
        recording: 'ready',
        wifiName: 'slip3',
        wifiBand: '2.4',
        account: 'ready',
        phone: 'ready',
        permission: 'notNeeded',
      })
      .visit(day(0, 13))
      .door(pointId, 'Front door')
      .write('pointDescribed', {
        pointId,
        wasThere: 'button',
        deviceId: 'tall-view',
        wall: 'brick',
        leadReachM: 0.09,
        holeHeightM: 1.17,
        oldMarksM: 0.08,
        sideClearM: 0.05,
        revealM: 0.045,
        lipAboveM: 0.11,
        shouldSee: ['faces', 'parcel'],
        mustNotSee: ['street'],
        rain: 'someRain',
        nightLight: 'dark',
        routerM: 7,
        routerWalls: ['timber', 'brick'],
      })
      .write('chimeDescribed', {
        chimeId: pointId,
        chimeKind: 'mechanical',
        ratedVolts: 16,
        place: 'hall, over the coats',
      })
      .write('transformerDescribed', {
        supplyId: pointId,
        ratedVolts: 16,
        ratedVa: 10,
        place: 'cellar ceiling',
        foundAt: 'basementJoist',
        toldApart: 'secondaryFollowed',
        alwaysFed: 'yes',
      })
      .write('wifiRead', { pointId, dbm: -63, upMbit: 6.5, downMbit: 31 })
      .write('runDescribed', { chimeId: pointId, run: 'toChime', lengthLowM: 8.5344, lengthHighM: 9.7536, awg: 22 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 20.9, high: 20.9 })
      .write('readingTaken', { pointId, what: 'mainsVolts', low: 119, high: 119 })
      .write('readingTaken', { pointId, what: 'loopOhms', run: 'toDoor', low: 1.9, high: 1.9 })
      .write('readingTaken', { pointId, what: 'coilOhms', low: 6.2, high: 6.2 });
  },
};
