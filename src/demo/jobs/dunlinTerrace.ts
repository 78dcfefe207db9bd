import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** A bell that hangs on the downstairs lights and dies with the hall light. */
export const dunlinTerrace: DemoJob = {
  title: 'Dunlin Terrace 4',
  begun: (day) => day(-1, 14),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Dunlin Terrace 4',
        address: '4 Dunlin Terrace',
        region: 'gb-230',
        yearBuilt: 1958,
        storeys: 2,
        basement: 'no',
        attic: 'yes',
        garage: 'no',
        heating: 'boiler',
        boardArea: 'hall',
        boardPlace: 'hall cupboard',
        colourEra: 'old',
      })
      .write('customerDescribed', {
        name: 'P. Nance',
        owner: 'P. Nance',
        pointNames: 'ready',
        someoneHome: 'ready',
        recording: 'ready',
        wifiName: 'dunlin',
        wifiBand: '2.4',
        wifiPassword: 'ready',
        account: 'ready',
        phone: 'ready',
        permission: 'given',
      })
      .write('visitPlanned', { expectedAt: new Date(day(1, 14)).toISOString() })
      .write('pointAdded', { pointId, pointKind: 'doorbell', name: 'Front door' })
      .write('pointDescribed', {
        pointId,
        wasThere: 'button',
        deviceId: 'compact-silent',
        wall: 'brick',
        leadReachM: 0.1,
        holeHeightM: 1.25,
        oldMarksM: 0.05,
        sideClearM: 0.07,
      })
      .write('chimeDescribed', { pointId, chimeKind: 'mechanical', ratedVolts: 8, place: 'hall' })
      .write('transformerDescribed', {
        pointId,
        ratedVolts: 12,
        ratedVa: 12,
        foundAt: 'lightBox',
        place: 'over the hall light',
        toldApart: 'secondaryFollowed',
      })
      .write('switchTried', { pointId, name: 'landing light', bellDies: false })
      .write('switchTried', { pointId, name: 'hall light', bellDies: true })
      .write('transformerDescribed', { pointId, alwaysFed: 'no', joined: 'no' })
      .write('wifiRead', { pointId, dbm: -62, upMbit: 7.5, downMbit: 36 })
      .write('boardListed', { boardId: 'main', name: 'consumer unit', ways: 8 })
      .write('wayListed', { boardId: 'main', way: '1', label: 'Cooker', ratingAmps: 32, protection: 'rcd' })
      .write('wayListed', { boardId: 'main', way: '2', label: 'Ring down', ratingAmps: 32, protection: 'rcd' })
      .write('wayListed', { boardId: 'main', way: '3', label: 'Lights down', ratingAmps: 6, protection: 'rcd' })
      .write('wayListed', { boardId: 'main', way: '4', label: 'Lights up', ratingAmps: 6, protection: 'rcd' })
      .write('circuitListed', {
        circuitId: `of-${pointId}`,
        way: 'way 3',
        name: 'Lights down',
        feeds: [pointId],
        foundBy: 'test',
        otherInBox: 'no',
        sharedNeutral: 'no',
      })
      .write('hintNoted', { circuitId: `of-${pointId}`, hint: 'bellSilent' });
  },
};
