import { lengthsOf } from '../../job/region';
import type { Rung } from '../../kinds/rungs';
import { lengthText } from '../../units';
import type { Mark, Standing } from '../climb';
import { isolateMark, leaveMark, mark, wireMark } from '../marks';
import { missingAtPlugSpot } from './look';
import { missingAtOutlet } from './missingAtOutlet';
import type { PlugFloodlight } from './plugFloodlight';

/** What each rung of a floodlight with a plug looks at. How it is aimed and proved is not planned here yet. */
export const PLUG_MARKS: { readonly [R in Rung]: (standing: Standing<PlugFloodlight>) => Mark } = {
  look: ({ job, point }) => {
    const missing = missingAtPlugSpot(job, point);
    const { fixtureHeightM } = point.look;
    if (missing.length === 0)
      return mark(
        'done',
        fixtureHeightM === undefined ? '' : `${lengthText(fixtureHeightM, lengthsOf(job), 'small')} up`,
      );
    const begun = Object.keys(point.look).length > 0;
    return mark(begun ? 'inHand' : 'open', begun ? `${missing.length} to look at` : '');
  },
  measure: ({ job, point }) => {
    const { outlet } = point;
    const missing = missingAtOutlet(point);
    if (missing.length === 0)
      return mark('done', outlet.wayM === undefined ? '' : `outlet ${lengthText(outlet.wayM, lengthsOf(job))} away`);
    const begun = Object.keys(outlet).length > 0;
    return mark(begun ? 'inHand' : 'open', begun ? `${missing.length} open` : '');
  },
  choose: ({ point }) => (point.fixture ? mark('done', point.fixture.data.fixture.name) : mark('open', '')),
  isolate: isolateMark,
  wire: wireMark,
  mount: () => mark('open', ''),
  prove: () => mark('open', ''),
  leave: ({ point }) => leaveMark(point),
};
