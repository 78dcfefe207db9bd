import { TOMAS } from '../crew';
import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** Lines of a finger on the glass, made up. */
const SIGNATURE_OF_BOSANKO =
  'M70 150L72 60L78 38L92 32L104 44L98 70L80 92L104 96L118 116L110 140L84 152L70 150M140 128L150 112L166 110L172 124L160 138L144 136L140 128M190 132L206 106L200 126L184 140L210 138M226 136L242 108L250 128L236 140L226 134L262 104L258 138L276 112L290 110L288 138M308 140L312 52L312 138L344 104L316 122L348 140M366 124L378 110L396 110L400 126L386 140L370 134L366 124M410 140L470 132L540 118';

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
      .write('deviceDescribed', {
        pointId,
        code: 'DB-3320-08',
        codeReadBy: 'picture',
        serial: '3320-08',
        calledThere: 'Front door 1',
        dbm: -61,
        upMbit: 5.4,
        figuresBy: 'hand',
      })
      .write('noteWritten', { text: 'Spare fuse link and the old button are in the chime’s housing.' })
      .write('pointLeft', {
        pointId,
        customer: 'L. Bosanko',
        copyGiven: true,
        remark: 'Shown how to switch it off, and the sounder in the kitchen.',
        signed: 'signed',
        signature: SIGNATURE_OF_BOSANKO,
      });
  },
};
