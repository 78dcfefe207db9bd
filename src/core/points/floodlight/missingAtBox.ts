import { TEST_FACTS, feedCase } from '../../junction';
import { inWordsOf, regionPack } from '../../region';
import { stillOpen, type Asked } from '../asked';
import { boxSurveyOf, conclusionsOf } from '../boxOf';
import type { Missing } from '../climb';
import type { Floodlight } from './floodlight';

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
      words: 'Name the box: shape and size, or the volume marked in it',
      why: 'Whether all of it has room is counted from it.',
    },
    {
      id: 'boxMaterial',
      area: null,
      there: box.material !== undefined,
      words: 'Is the box metal or plastic?',
      why: 'Metal has to be one with the ground.',
    },
    {
      id: 'cables',
      area: null,
      there: cables.length > 0,
      words: 'Name the cables that come in',
      why: 'Every conductor of them is tested and counted.',
    },
    {
      id: 'test',
      area: null,
      there: next === null,
      words: next ? `Test ${next.name}: ${next.words}` : '',
      why: next ? TEST_FACTS[next.test].how : '',
    },
    {
      id: 'feed',
      area: null,
      there: cables.length === 0 || next !== null || feed !== null,
      words: 'How it is fed is still open',
      why: `${open.join('; ')}.`,
    },
  ];
  const pack = regionPack(point.setting.region);
  return stillOpen(all).map((one) => ({
    ...one,
    words: inWordsOf(pack, one.words),
    why: inWordsOf(pack, one.why),
  }));
}
