import { TOMAS } from '../crew';
import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** A 24 V supply that an earlier owner put in: wired and mounted, and its first charge is under way. */
export const lapwingLodge: DemoJob = {
  title: 'Lapwing Lodge',
  begun: (day) => day(-3, 9),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Lapwing Lodge',
        address: '2 Saltings Way',
        region: 'gb-230',
        yearBuilt: 1978,
        boardPlace: 'porch cupboard',
      })
      .customer({ name: 'D. Carlyon', wifiName: 'saltings', wifiBand: 'both', permission: 'notNeeded' })
      .visit(day(0, 10))
      .door(pointId, 'Porch')
      .write('pointDescribed', {
        pointId,
        wasThere: 'videoDoorbell',
        wall: 'concrete',
        leadReachM: 0.12,
        holeHeightM: 1.2,
        oldMarksM: 0.1,
      })
      .write('chimeDescribed', {
        chimeId: pointId,
        chimeKind: 'mechanical',
        ratedVolts: 8,
        place: 'landing',
        present: 'link',
      })
      .write('transformerDescribed', {
        supplyId: pointId,
        ratedVolts: 24,
        ratedVa: 24,
        place: 'enclosure in the cupboard',
        foundAt: 'board',
        toldApart: 'label',
        alwaysFed: 'yes',
      })
      .write('wifiRead', { pointId, dbm: -58, upMbit: 6.5, downMbit: 31 })
      .write('runDescribed', { chimeId: pointId, run: 'toChime', lengthLowM: 7, lengthHighM: 7, mm2: 1 })
      .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 5, lengthHighM: 5, mm2: 0.75 })
      .write('readingTaken', { pointId, what: 'mainsVolts', low: 236, high: 236 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 29.8, high: 29.8 })
      .take({ transformerId: null, treatmentId: 'fuseLink' })
      .then(TOMAS, day(0, 10))
      .isolate('way 4', 'porch and bell')
      .tick()
      .write('mountRecorded', {
        pointId,
        heightM: 1.19,
        tiltDeg: 8,
        tiltThickEnd: 'down',
        level: 'yes',
        fixings: 'own',
        seal: 'topAndSides',
      })
      .switchOn()
      .prove('lit', 236)
      .write('waitStarted', { pointId, check: 'firstCharge', minutes: 15 })
      .write('deviceDescribed', { pointId, code: 'DB-0417-22', codeReadBy: 'picture', serial: '0417-22' })
      .write('checkPutOff', {
        pointId,
        check: 'night',
        on: new Date(day(1, 10)).toISOString().slice(0, 10),
        by: 'crew',
      });
  },
};
