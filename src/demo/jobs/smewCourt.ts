import type { DemoJob } from '../demoJob';

const SUPPLY = 'bell-supply';
const DOORS = [
  { pointId: 'front', name: 'Front door', chimeId: 'hall', place: 'hall', chimeRunM: 5, runM: 6, leadReachM: 0.12 },
  {
    pointId: 'garden',
    name: 'Garden door',
    chimeId: 'kitchen',
    place: 'kitchen',
    chimeRunM: 9,
    runM: 4,
    leadReachM: 0.09,
  },
] as const;

/** Two doors with a chime each, both on one transformer: read once, judged together. */
export const smewCourt: DemoJob = {
  title: 'Smew Court',
  begun: (day) => day(-2, 14),
  write: (log, day) => {
    log
      .write('siteDescribed', {
        name: 'Smew Court',
        address: '40 Strand',
        region: 'na-120',
        yearBuilt: 1959,
        basement: 'yes',
        boardPlace: 'basement, east wall',
      })
      .customer({ name: 'N. Carveth', wifiName: 'smew40', wifiBand: 'both', permission: 'notNeeded' })
      .visit(day(1, 15));
    for (const { pointId, name, chimeId, place, chimeRunM, runM, leadReachM } of DOORS)
      log
        .write('pointAdded', {
          pointId,
          pointKind: 'doorbell',
          name,
          supplyId: SUPPLY,
          chimeId,
          terminal: 'Front',
          boxId: SUPPLY,
        })
        .write('pointDescribed', { pointId, wasThere: 'button', wall: 'brick', leadReachM, deviceId: 'compact-silent' })
        .write('chimeDescribed', { chimeId, chimeKind: 'mechanical', ratedVolts: 16, ratedVa: 10, place })
        .write('runDescribed', { chimeId, run: 'toChime', lengthLowM: chimeRunM, lengthHighM: chimeRunM, awg: 18 })
        .write('runDescribed', { pointId, run: 'toDoor', lengthLowM: runM, lengthHighM: runM, awg: 20 })
        .write('wifiRead', { pointId, dbm: -60, upMbit: 6, downMbit: 30 });
    log
      .write('transformerDescribed', {
        supplyId: SUPPLY,
        ratedVolts: 16,
        ratedVa: 30,
        place: 'basement, on a joist',
        foundAt: 'basementJoist',
        toldApart: 'secondaryFollowed',
        alwaysFed: 'yes',
      })
      .write('readingTaken', { pointId: 'front', what: 'mainsVolts', low: 119, high: 119 })
      .write('readingTaken', {
        pointId: 'front',
        what: 'volts',
        at: 'transformer',
        state: 'open',
        low: 19.1,
        high: 19.1,
      });
  },
};
