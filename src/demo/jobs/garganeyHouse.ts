import { TOMAS } from '../crew';
import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** Wired with a fuse link out of its bag, and stays dark when it is switched on: a fault is looked for. */
export const garganeyHouse: DemoJob = {
  title: 'Garganey House',
  begun: (day) => day(-4, 9),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Garganey House',
        address: '7 Sluice Lane',
        region: 'gb-230',
        yearBuilt: 1986,
        boardPlace: 'under the stairs',
      })
      .customer({ name: 'H. Nance', wifiName: 'sluice7', wifiBand: 'both', permission: 'notNeeded' })
      .visit(day(0, 11))
      .door(pointId, 'Front door')
      .write('pointDescribed', {
        pointId,
        wasThere: 'videoDoorbell',
        wall: 'brick',
        leadReachM: 0.12,
        holeHeightM: 1.21,
        oldMarksM: 0.1,
      })
      .write('chimeDescribed', {
        chimeId: pointId,
        chimeKind: 'mechanical',
        ratedVolts: 8,
        place: 'hall',
        present: 'link',
      })
      .write('transformerDescribed', {
        supplyId: pointId,
        ratedVolts: 24,
        ratedVa: 24,
        place: 'enclosure beside the board',
        foundAt: 'board',
        toldApart: 'label',
        alwaysFed: 'yes',
      })
      .write('wifiRead', { pointId, dbm: -56, upMbit: 7.1, downMbit: 34 })
      .write('runDescribed', { chimeId: pointId, run: 'toChime', lengthLowM: 6, lengthHighM: 6, mm2: 0.75 })
      .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 5, lengthHighM: 5, mm2: 0.75 })
      .write('readingTaken', { pointId, what: 'mainsVolts', low: 235, high: 235 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 29.6, high: 29.6 })
      .take({ transformerId: null, treatmentId: 'fuseLink' })
      .then(TOMAS, day(0, 7))
      .isolate('way 6', 'hall and bell')
      .tick()
      .write('mountRecorded', {
        pointId,
        heightM: 1.2,
        tiltDeg: 8,
        tiltThickEnd: 'down',
        level: 'yes',
        fixings: 'own',
        seal: 'topAndSides',
      })
      .switchOn()
      .write('checkDone', { pointId, check: 'lit', result: 'failed', reason: 'Dark, also after its reset was held.' })
      .write('troubleOpened', {
        troubleId: 'dark',
        pointId,
        symptom: 'offline',
        check: 'lit',
        words: 'Dark, also after its reset was held.',
      });
  },
};
