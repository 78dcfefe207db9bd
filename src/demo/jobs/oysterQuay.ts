import { TOMAS } from '../crew';
import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** A finished job with a full sheet: another transformer had been put in, the chime kept with a module. */
export const oysterQuay: DemoJob = {
  title: 'Oyster Quay 5',
  begun: (day) => day(-9, 9),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Oyster Quay 5',
        address: '5 Oyster Quay',
        region: 'na-120',
        yearBuilt: 1987,
        boardPlace: 'hall closet',
      })
      .customer({ name: 'L. Bosanko', wifiName: 'quay-5', wifiBand: '2.4', permission: 'given' })
      .visit(day(-8, 14))
      .door(pointId, 'Front door')
      .then(TOMAS, day(-8, 14))
      .write('pointDescribed', {
        pointId,
        wasThere: 'button',
        wall: 'fibreCement',
        leadReachM: 0.14,
        holeHeightM: 1.19,
        oldMarksM: 0.075,
        sideClearM: 0.09,
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
        ratedVolts: 24,
        ratedVa: 40,
        place: 'hall closet, on the box',
        foundAt: 'closet',
        toldApart: 'sameBreaker',
        alwaysFed: 'yes',
      })
      .write('wifiRead', { pointId, dbm: -60, upMbit: 6.5, downMbit: 31 })
      .write('runDescribed', { chimeId: pointId, run: 'toChime', lengthLowM: 4.572, lengthHighM: 4.572, awg: 18 })
      .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 9.144, lengthHighM: 9.144, awg: 20 })
      .write('readingTaken', { pointId, what: 'mainsVolts', low: 118, high: 118 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 27.2, high: 27.2 })
      .write('readingTaken', { pointId, what: 'coilOhms', low: 15.1, high: 15.1 })
      .take(
        { transformerId: null, treatmentId: 'jumper' },
        'At 24 V the old chime would hammer and heat: it is bridged, a sounder rings.',
      )
      .isolate('breaker 3', 'hall lights')
      .tick(Infinity, { 'door-d2': 'Lead was nicked: cut back and stripped again.' })
      .write('mountRecorded', {
        pointId,
        heightM: 1.2065,
        tiltDeg: 8,
        tiltThickEnd: 'up',
        level: 'yes',
        fixings: 'own',
        seal: 'topAndSides',
      })
      .switchOn()
      .prove('report', 118)
      .write('noteWritten', { text: 'Spare fuse link and the old button are in the chime’s housing.' })
      .write('pointLeft', {
        pointId,
        customer: 'L. Bosanko',
        copyGiven: true,
        remark: 'Shown how to switch it off, and the sounder in the kitchen.',
      });
  },
};
