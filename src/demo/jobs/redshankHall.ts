import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** A transformer above a dropped ceiling that is still being looked for. */
export const redshankHall: DemoJob = {
  title: 'Redshank Hall',
  begun: (day) => day(0, 10),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Redshank Hall',
        address: '27 Wharf Road',
        region: 'na-120',
        yearBuilt: 1984,
        storeys: 2,
        basement: 'no',
        attic: 'yes',
        garage: 'no',
        droppedCeiling: 'yes',
        heating: 'furnace',
        boardArea: 'utility',
      })
      .customer({ name: 'E. Varcoe', wifiName: 'wharf27', wifiBand: '5', permission: 'given' })
      .visit(day(0, 11))
      .door(pointId, 'Side entrance')
      .write('pointDescribed', { pointId, wasThere: 'button', wall: 'metal', leadReachM: 0.11, holeHeightM: 1.24 })
      .write('chimeDescribed', { chimeId: pointId, chimeKind: 'electronic', place: 'corridor' })
      .write('placeLooked', { supplyId: pointId, place: 'board', result: 'notThere' })
      .write('placeLooked', { supplyId: pointId, place: 'closet', result: 'notThere' })
      .write('placeLooked', { supplyId: pointId, place: 'boilerRoom', result: 'notThere' })
      .write('transformerDescribed', { supplyId: pointId, cableLeaves: 'up' })
      .write('switchTried', { supplyId: pointId, name: 'corridor lights', bellDies: false });
  },
};
