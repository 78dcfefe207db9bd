import type { DemoJob } from '../demoJob';

const pointId = 'front';

/** Nothing is known yet: no verdict is possible, and none is pretended. */
export const marramView: DemoJob = {
  title: 'Marram View',
  begun: (day) => day(-1, 16),
  write: (log, day) => {
    log
      .write('siteDescribed', { name: 'Marram View', address: '40 Dune Road', region: 'na-120' })
      .visit(day(2, 10))
      .door(pointId, 'Front door');
  },
};
