import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** A long run on thin data cable: too weak on one pair, cured by joining the spare ones. */
export const cormorantRow: DemoJob = {
  title: 'Cormorant Row 7',
  begun: (day) => day(-2, 10),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Cormorant Row 7',
        address: '7 Cormorant Row',
        region: 'na-120',
        yearBuilt: 2008,
        boardPlace: 'utility room',
        access: 'Path to the gate is soft after rain.',
      })
      .customer({ name: 'R. Tamsin', wifiName: 'row-seven', wifiBand: '5', permission: 'given' })
      .visit(day(1, 11))
      .door(pointId, 'Gate')
      .write('pointDescribed', {
        pointId,
        wasThere: 'button',
        wall: 'timber',
        leadReachM: 0.2,
        holeHeightM: 1.25,
        oldMarksM: 0.07,
      })
      .write('chimeDescribed', { chimeId: pointId, chimeKind: 'mechanical', ratedVolts: 16, ratedVa: 10 })
      .write('transformerDescribed', {
        supplyId: pointId,
        ratedVolts: 16,
        ratedVa: 30,
        place: 'utility room',
        foundAt: 'board',
        toldApart: 'sameBreaker',
        alwaysFed: 'yes',
      })
      .write('wifiRead', { pointId, dbm: -66, upMbit: 6.5, downMbit: 31 })
      .write('runDescribed', { chimeId: pointId, run: 'toChime', lengthLowM: 6.096, lengthHighM: 6.096, awg: 20 })
      .write('runDescribed', {
        pointId,
        run: 'toDoor',
        lengthLowM: 33.528,
        lengthHighM: 36.576,
        awg: 24,
        pairs: 1,
        sparePairs: 3,
      })
      .write('readingTaken', { pointId, what: 'mainsVolts', low: 120, high: 120 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 19.2, high: 19.2 })
      .write('readingTaken', { pointId, what: 'loopOhms', run: 'toDoor', low: 5.9, high: 5.9 })
      .take({ transformerId: null, treatmentId: 'powerModule', joinPairs: true });
  },
};
