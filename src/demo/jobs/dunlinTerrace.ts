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
      .customer({ name: 'P. Nance', wifiName: 'dunlin', wifiBand: '2.4', permission: 'given' })
      .visit(day(1, 14))
      .door(pointId, 'Front door')
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
      .write('chimeDescribed', { chimeId: pointId, chimeKind: 'mechanical', ratedVolts: 8, place: 'hall' })
      .write('transformerDescribed', {
        supplyId: pointId,
        ratedVolts: 12,
        ratedVa: 12,
        foundAt: 'lightBox',
        place: 'over the hall light',
        toldApart: 'secondaryFollowed',
      })
      .write('switchTried', { supplyId: pointId, name: 'landing light', bellDies: false })
      .write('switchTried', { supplyId: pointId, name: 'hall light', bellDies: true })
      .write('transformerDescribed', { supplyId: pointId, alwaysFed: 'no', joined: 'no' })
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
