import { said } from '../../said';
import { TEST_FACTS, feedCase } from '../../junction';
import { stillOpen, type Asked } from '../asked';
import { boxSurveyOf, conclusionsOf } from '../boxOf';
import type { Missing } from '../climb';
import { boxKnownOf } from './boxKnown';
import type { Floodlight } from './floodlight';

const ASKED_ABOVE: ReadonlySet<string> = new Set(['boxVolume', 'boxMaterial', 'untested', 'mountedOn']);

/** What Measure needs at a floodlight’s box: what it is, what is in it, and the tests, one by one. */
export function missingAtBox(point: Floodlight): readonly Missing[] {
  const { box, cables } = point;
  const { next } = conclusionsOf(point);
  const { feed, open } = feedCase(boxSurveyOf(point));
  const all: readonly Asked[] = [
    {
      id: 'boxVolume',
      area: null,
      there: box.standardBox !== undefined || box.markedIn3 !== undefined,
      words: said('nameBoxShape'),
      why: said('whetherAllRoom'),
    },
    {
      id: 'boxMaterial',
      area: null,
      there: box.material !== undefined,
      words: said('boxMetalPlastic'),
      why: said('metalOneGround'),
    },
    {
      id: 'cables',
      area: null,
      there: cables.length > 0,
      words: said('nameCablesCome'),
      why: said('everyConductorThem'),
    },
    {
      id: 'test',
      area: null,
      there: next === null,
      words: next ? said('test', { next: next.name, next2: next.words }) : '',
      why: next ? TEST_FACTS[next.test].how : '',
    },
    {
      id: 'feed',
      area: null,
      there: cables.length === 0 || next !== null || feed !== null,
      words: said('howFedStill'),
      why: said('clauses', { clauses: open }),
    },
  ];
  const asked = stillOpen(all);
  // Volume, material, cables and tests stand above in their own words
  const rest = boxKnownOf(point, point.fixture?.data ?? null).unasked.filter(({ id }) => !ASKED_ABOVE.has(id));
  return [
    ...asked,
    ...(asked.some(({ id }) => id === 'cables' || id === 'test')
      ? []
      : rest.map(({ id, words }) => ({
          id,
          area: null,
          words: said('askIt', { words }),
          why: said('notAskedYetBox'),
        }))),
  ];
}
