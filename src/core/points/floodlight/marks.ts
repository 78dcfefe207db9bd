import { feedCase } from '../../junction';
import { lengthsOf } from '../../job/region';
import type { Rung } from '../../kinds/rungs';
import { WALL_FIXINGS } from '../../mount';
import { lengthText } from '../../units';
import { boxSurveyOf } from '../boxOf';
import type { Mark, Standing } from '../climb';
import { isolateMark, leaveMark, mark, wireMark } from '../marks';
import type { Floodlight } from './floodlight';
import { missingAtSpot } from './look';
import { missingAtBox } from './missingAtBox';

/** What each rung of a floodlight looks at. How it is aimed and proved is not planned here yet. */
export const FLOODLIGHT_MARKS: { readonly [R in Rung]: (standing: Standing<Floodlight>) => Mark } = {
  look: ({ job, point }) => {
    const missing = missingAtSpot(job, point);
    const { wall, fixtureHeightM } = point.look;
    const seen = [
      ...(wall ? [WALL_FIXINGS[wall].name] : []),
      ...(fixtureHeightM === undefined ? [] : [`${lengthText(fixtureHeightM, lengthsOf(job), 'small')} up`]),
    ];
    if (missing.length === 0) return mark('done', seen.join(', '));
    const begun = Object.keys(point.look).length > 0;
    return mark(begun ? 'inHand' : 'open', begun ? `${missing.length} to look at` : '');
  },
  measure: ({ point }) => {
    const missing = missingAtBox(point);
    const begun = Object.keys(point.box).length + point.cables.length > 0;
    const { feed } = feedCase(boxSurveyOf(point));
    if (missing.length === 0) return mark('done', `feed ${feed ?? ''}, box known`);
    return mark(begun ? 'inHand' : 'open', begun ? `${missing.length} open` : '');
  },
  choose: ({ point }) => (point.fixture ? mark('done', point.fixture.data.fixture.name) : mark('open', '')),
  isolate: isolateMark,
  wire: wireMark,
  mount: () => mark('open', ''),
  prove: () => mark('open', ''),
  leave: ({ point }) => leaveMark(point),
};
