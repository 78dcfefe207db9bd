import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** Handed over weeks ago, and drops out on warm evenings: a call-back. */
export const godwitLane: DemoJob = {
  title: 'Godwit Lane 9',
  begun: (day) => day(-32, 9),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Godwit Lane 9',
        address: '9 Godwit Lane',
        region: 'na-120',
        yearBuilt: 1979,
        boardPlace: 'garage',
      })
      .customer({ name: 'M. Lanyon', wifiName: 'godwit9', wifiBand: 'both', permission: 'notNeeded' })
      .visit(day(0, 13))
      .door(pointId, 'Front door')
      .write('pointDescribed', {
        pointId,
        wasThere: 'button',
        wall: 'timber',
        leadReachM: 0.14,
        holeHeightM: 1.22,
        oldMarksM: 0.06,
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
        place: 'garage, over the panel',
        foundAt: 'garage',
        toldApart: 'sameBreaker',
        alwaysFed: 'yes',
      })
      .write('wifiRead', { pointId, dbm: -59, upMbit: 6.1, downMbit: 30 })
      .write('runDescribed', { chimeId: pointId, run: 'toChime', lengthLowM: 7.62, lengthHighM: 7.62, awg: 18 })
      .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 9.144, lengthHighM: 9.144, awg: 20 })
      .write('readingTaken', { pointId, what: 'mainsVolts', low: 120, high: 120 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 19.1, high: 19.1 })
      .write('readingTaken', {
        pointId,
        what: 'volts',
        at: 'transformer',
        state: 'resistor',
        ohms: 22,
        low: 17.7,
        high: 17.7,
      })
      .take({ transformerId: null, treatmentId: 'powerModule' })
      .isolate('breaker 7', 'garage, bell')
      .tick()
      .write('mountRecorded', {
        pointId,
        heightM: 1.2192,
        tiltDeg: 8,
        tiltThickEnd: 'down',
        level: 'yes',
        fixings: 'own',
        seal: 'topAndSides',
      })
      .switchOn()
      .prove('report', 120)
      .write('deviceDescribed', { pointId, code: 'DB-5521-40', codeReadBy: 'picture', serial: '5521-40' })
      .write('pointLeft', {
        pointId,
        customer: 'M. Lanyon',
        copyGiven: true,
        signed: 'absent',
        unsignedWhy: 'At work.',
      })
      .wait(60 * 24 * 30)
      .write('troubleOpened', {
        troubleId: 'warm',
        pointId,
        symptom: 'dropsAtNight',
        words: 'It drops out on warm evenings, as soon as its picture runs.',
      });
  },
};
