import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** A wireless chime and a battery button: no bell wires, so a rail transformer from a spur, and a new cable. */
export const turnstoneLodge: DemoJob = {
  title: 'Turnstone Lodge',
  begun: (day) => day(0, 9),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Turnstone Lodge',
        address: '31 Saltings Way',
        region: 'gb-230',
        yearBuilt: 2004,
        storeys: 2,
        boardArea: 'hall',
        boardPlace: 'hall, over the door',
      })
      .customer({ name: 'P. Hocking', wifiName: 'turnstone', wifiBand: '2.4', permission: 'notNeeded' })
      .visit(day(2, 10))
      .write('pointAdded', {
        pointId,
        pointKind: 'doorbell',
        name: 'Front door',
        supplyId: 'spur',
        chimeId: 'radio',
        terminal: 'Front',
        boxId: 'spur-box',
      })
      .write('pointDescribed', {
        pointId,
        wasThere: 'button',
        wall: 'brick',
        leadReachM: 0.05,
        deviceId: 'constant-power',
      })
      .write('chimeDescribed', { chimeId: 'radio', chimeKind: 'wireless', place: 'landing' })
      .write('supplyPlanned', {
        supplyId: 'spur',
        from: 'spur',
        people: 2,
        segments: [
          { way: 'trunking', lengthM: 4, holes: 0 },
          { way: 'throughWall', lengthM: 0.3, holes: 1 },
        ],
      })
      .write('wifiRead', { pointId, dbm: -64, upMbit: 5, downMbit: 24 });
  },
};
