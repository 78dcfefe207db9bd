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
      .write('customerDescribed', {
        name: 'E. Varcoe',
        owner: 'E. Varcoe',
        pointNames: 'ready',
        someoneHome: 'ready',
        recording: 'ready',
        wifiName: 'wharf27',
        wifiBand: '5',
        wifiPassword: 'ready',
        account: 'ready',
        phone: 'ready',
        permission: 'given',
      })
      .write('visitPlanned', { expectedAt: new Date(day(0, 11)).toISOString() })
      .write('pointAdded', { pointId, pointKind: 'doorbell', name: 'Side entrance' })
      .write('pointDescribed', { pointId, wasThere: 'button', wall: 'metal', leadReachM: 0.11, holeHeightM: 1.24 })
      .write('chimeDescribed', { pointId, chimeKind: 'electronic', place: 'corridor' })
      .write('placeLooked', { pointId, place: 'board', result: 'notThere' })
      .write('placeLooked', { pointId, place: 'closet', result: 'notThere' })
      .write('placeLooked', { pointId, place: 'boilerRoom', result: 'notThere' })
      .write('transformerDescribed', { pointId, cableLeaves: 'up' })
      .write('switchTried', { pointId, name: 'corridor lights', bellDies: false });
  },
};
