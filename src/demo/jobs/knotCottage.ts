import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** A customer who is not ready, at a door that never had a bell: the cable's route is planned, the visit is not. */
export const knotCottage: DemoJob = {
  title: 'Knot Cottage',
  begun: (day) => day(-2, 16),
  write: (log, day) => {
    log
      .write('siteDescribed', { name: 'Knot Cottage', address: '6 Tide Row', region: 'gb-230', yearBuilt: 1890 })
      .write('customerDescribed', {
        name: 'W. Angove',
        wifiPassword: 'missing',
        account: 'missing',
        phone: 'missing',
        someoneHome: 'ready',
        permission: 'missing',
      })
      .visit(day(3, 10))
      .door(pointId, 'Front door')
      .write('pointDescribed', { pointId, wasThere: 'nothing', wall: 'render', deviceId: 'compact-silent' })
      .write('supplyPlanned', {
        supplyId: pointId,
        from: 'spur',
        people: 2,
        mm2: 0.75,
        segments: [
          { way: 'trunking', lengthM: 3.5, holes: 0 },
          { way: 'inWall', lengthM: 2, holes: 2 },
          { way: 'throughWall', lengthM: 0.5, holes: 1 },
        ],
      });
  },
};
