import { said } from '../../said';
import type { Rung } from '../../kinds/rungs';
import type { Mark, Standing } from '../climb';
import { isolateMark, leaveMark, mark, wireMark } from '../marks';
import { checksAtSpot } from '../floodlightChecks';
import { asItCameMark } from '../mounting';
import { proveMark } from '../proving';
import { missingAtPlugSpot } from './look';
import { missingAtOutlet } from './missingAtOutlet';
import type { PlugFloodlight } from './plugFloodlight';

/** What each rung of a floodlight with a plug looks at. */
export const PLUG_MARKS: { readonly [R in Rung]: (standing: Standing<PlugFloodlight>) => Mark } = {
  look: ({ job, point }) => {
    const missing = missingAtPlugSpot(job, point);
    const { fixtureHeightM } = point.look;
    if (missing.length === 0)
      return mark('done', fixtureHeightM === undefined ? '' : said('up', { metres: fixtureHeightM }));
    const begun = Object.keys(point.look).length > 0;
    return mark(begun ? 'inHand' : 'open', begun ? said('toLookAt', { missingCount: missing.length }) : '');
  },
  measure: ({ point }) => {
    const { outlet } = point;
    const missing = missingAtOutlet(point);
    if (missing.length === 0)
      return mark('done', outlet.wayM === undefined ? '' : said('outletAway', { wayM: outlet.wayM }));
    const begun = Object.keys(outlet).length > 0;
    return mark(begun ? 'inHand' : 'open', begun ? said('openCount', { open: missing.length }) : '');
  },
  choose: ({ point }) => (point.fixture ? mark('done', point.fixture.data.fixture.name) : mark('open', '')),
  isolate: isolateMark,
  wire: wireMark,
  mount: ({ job, point }) => asItCameMark(job, point),
  prove: ({ job, point }) => proveMark(job, point, checksAtSpot(point)),
  leave: ({ point }) => leaveMark(point),
};
