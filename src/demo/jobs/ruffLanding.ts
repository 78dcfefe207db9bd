import type { DemoJob } from '../demoJob';
import { demoPlugFixture, demoTicks } from '../demoBox';

const pointId = 'yard';

/** A floodlight camera with a plug: no box and no breaker, an outlet by the back door, its lead clipped half way. */
export const ruffLanding: DemoJob = {
  title: 'Ruff Landing',
  begun: (day) => day(-1, 15),
  write: (log, day) => {
    log
      .write('siteDescribed', { name: 'Ruff Landing', address: '2 Ferry Lane', region: 'na-120', yearBuilt: 2003 })
      .customer({ name: 'T. Hocking', wifiName: 'ruff-2', wifiBand: '2.4', permission: 'notNeeded' })
      .visit(day(1, 16))
      .write('pointAdded', { pointId, pointKind: 'plugFloodlight', name: 'Back yard', boxId: pointId })
      .write('pointDescribed', {
        pointId,
        mountedOn: 'wall',
        wall: 'fibreCement',
        fixtureHeightM: 2.75,
        shouldSee: ['gate', 'bins'],
        nightLight: 'dark',
      })
      .write('wifiRead', { pointId, dbm: -62, upMbit: 5.5, downMbit: 26 })
      .write('outletDescribed', {
        pointId,
        place: 'by the back door',
        wayM: 1.85,
        alwaysOn: 'yes',
        residual: 'yes',
        cover: 'inUse',
      });
    demoPlugFixture(log, pointId);
    demoTicks(log, pointId, 3);
  },
};
