import { TOMAS } from '../crew';
import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** An unlabelled board with 24 ways, in mid-hunt: three answers, two ways that stay on. */
export const whimbrelCourt: DemoJob = {
  title: 'Whimbrel Court',
  begun: (day) => day(0, 8),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Whimbrel Court',
        address: '9 Reed Lane',
        region: 'na-120',
        yearBuilt: 1971,
        storeys: 2,
        basement: 'yes',
        attic: 'yes',
        garage: 'yes',
        heating: 'furnace',
        boardArea: 'basement',
        boardPlace: 'basement, under the stairs',
      })
      .customer({ name: 'S. Trewin', wifiName: 'reed-nine', wifiBand: 'both', permission: 'notNeeded' })
      .visit(day(0, 15))
      .door(pointId, 'Front door')
      .write('pointDescribed', {
        pointId,
        wasThere: 'button',
        wall: 'timber',
        leadReachM: 0.16,
        holeHeightM: 1.2,
        oldMarksM: 0.06,
        sideClearM: 0.2,
      })
      .write('chimeDescribed', {
        chimeId: pointId,
        chimeKind: 'mechanical',
        ratedVolts: 16,
        ratedVa: 10,
        place: 'upper hall',
      })
      .write('transformerDescribed', {
        supplyId: pointId,
        ratedVolts: 16,
        ratedVa: 30,
        foundAt: 'basementJoist',
        toldApart: 'secondaryFollowed',
        alwaysFed: 'yes',
        joined: 'no',
      })
      .write('wifiRead', { pointId, dbm: -59, upMbit: 9, downMbit: 44 })
      .write('runDescribed', { chimeId: pointId, run: 'toChime', lengthLowM: 7.62, lengthHighM: 7.62, awg: 18 })
      .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 6.096, lengthHighM: 7.62, awg: 18 })
      .write('readingTaken', { pointId, what: 'mainsVolts', low: 120, high: 120 })
      .write('readingTaken', { pointId, what: 'volts', at: 'transformer', state: 'open', low: 19.1, high: 19.1 })
      .take({ transformerId: null, treatmentId: 'powerModule' })
      .then(TOMAS, day(0, 9))
      .write('boardListed', { boardId: 'main', name: 'breaker panel', ways: 24 })
      .write('wayListed', { boardId: 'main', way: '1', label: 'range', ratingAmps: 50 })
      .write('wayListed', { boardId: 'main', way: '2', label: 'dryer', ratingAmps: 30 })
      .write('wayListed', {
        boardId: 'main',
        way: '9',
        label: 'freezer',
        ratingAmps: 20,
        doNotDrop: true,
        why: 'full, nobody home all day',
      })
      .write('wayListed', { boardId: 'main', way: '14', label: 'bath', ratingAmps: 20, protection: 'rcd' })
      .write('wayListed', {
        boardId: 'main',
        way: '17',
        label: 'alarm',
        doNotDrop: true,
        why: 'its people not told yet',
      })
      .write('wayListed', { boardId: 'main', way: '22', label: 'AC', ratingAmps: 40 })
      .write('huntPlanned', { pointId, people: 1, walkMinutes: 4 })
      .hunt('main/12', 2);
  },
};
