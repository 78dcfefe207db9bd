import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** A chime boxed with its mains transformer: chime and transformer are one choice, and opening it is mains work. */
export const terekCottage: DemoJob = {
  title: 'Terek Cottage',
  begun: (day) => day(-1, 12),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Terek Cottage',
        address: '14 Quay Steps',
        region: 'gb-230',
        yearBuilt: 1968,
        boardPlace: 'under the stairs',
      })
      .customer({ name: 'S. Trembath', wifiName: 'terek14', wifiBand: '2.4', permission: 'notNeeded' })
      .visit(day(3, 9))
      .door(pointId, 'Front door')
      .write('pointDescribed', {
        pointId,
        wasThere: 'button',
        wall: 'render',
        leadReachM: 0.08,
        deviceId: 'compact-silent',
      })
      .write('chimeDescribed', { chimeId: pointId, chimeKind: 'boxedMains', place: 'hall, over the door' })
      .write('wifiRead', { pointId, dbm: -57, upMbit: 8, downMbit: 36 })
      .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: 4, lengthHighM: 5, mm2: 0.5 })
      .write('circuitListed', {
        circuitId: `of-${pointId}`,
        way: 'way 4',
        name: 'hall and bell',
        feeds: [pointId],
        sharedNeutral: 'no',
        otherInBox: 'no',
      });
  },
};
