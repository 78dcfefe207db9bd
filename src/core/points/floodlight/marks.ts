import { answerName } from '../../kinds/factText';
import { said } from '../../said';
import { feedCase } from '../../junction';
import type { Rung } from '../../kinds/rungs';
import { boxSurveyOf } from '../boxOf';
import type { Mark, Standing } from '../climb';
import { checksAtSpot } from '../floodlightChecks';
import { isolateMark, leaveMark, mark, wireMark } from '../marks';
import { asItCameMark } from '../mounting';
import { proveMark } from '../proving';
import type { Floodlight } from './floodlight';
import { missingAtSpot } from './look';
import { missingAtBox } from './missingAtBox';

/** What each rung of a floodlight looks at. */
export const FLOODLIGHT_MARKS: { readonly [R in Rung]: (standing: Standing<Floodlight>) => Mark } = {
  look: ({ job, point }) => {
    const missing = missingAtSpot(job, point);
    const { wall, fixtureHeightM } = point.look;
    const seen = [
      ...(wall ? [answerName('pointDescribed', 'wall', wall)] : []),
      ...(fixtureHeightM === undefined ? [] : [said('up', { metres: fixtureHeightM })]),
    ];
    if (missing.length === 0) return mark('done', said('listed', { items: seen }));
    const begun = Object.keys(point.look).length > 0;
    return mark(begun ? 'inHand' : 'open', begun ? said('toLookAt', { missingCount: missing.length }) : '');
  },
  measure: ({ point }) => {
    const missing = missingAtBox(point);
    const begun = Object.keys(point.box).length + point.cables.length > 0;
    const { feed } = feedCase(boxSurveyOf(point));
    if (missing.length === 0) return mark('done', said('feedBoxKnown', { feed: feed ?? '' }));
    return mark(begun ? 'inHand' : 'open', begun ? said('openCount', { open: missing.length }) : '');
  },
  choose: ({ point }) => (point.fixture ? mark('done', point.fixture.data.fixture.name) : mark('open', '')),
  isolate: isolateMark,
  wire: wireMark,
  mount: ({ job, point }) => asItCameMark(job, point),
  prove: ({ job, point }) => proveMark(job, point, checksAtSpot(point)),
  leave: ({ point }) => leaveMark(point),
};
