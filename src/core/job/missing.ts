import { TEST_FACTS, feedCase } from '../junction';
import { inWordsOf, regionPack } from '../region';
import { PLACE_FACTS } from '../search';
import { boxSurveyOf, conclusionsOf } from './boxOf';
import type { Job, Point } from './job';
import { needsTransformer, searchOf } from './finding';

/** Something not said yet, in the words of the next move. */
export interface Missing {
  readonly id: string;
  readonly words: string;
  readonly why: string;
}

type Asked = Missing & { readonly there: boolean };

/** What “found” still lacks at the transformer: where it is, that it is the bell's, that it is always fed. */
function atTransformer(job: Job, point: Point): readonly Asked[] {
  const { place, foundAt, toldApart, alwaysFed, givenUp } = point.transformer;
  if (!needsTransformer(point) || givenUp) return [];
  const found = place !== undefined || foundAt !== undefined;
  const first = found ? undefined : searchOf(job, point).left[0];
  return [
    {
      id: 'transformerPlace',
      there: found,
      words: first ? `Look for the transformer: ${PLACE_FACTS[first.id].words}` : 'Say where the transformer is',
      why: first ? PLACE_FACTS[first.id].how : 'It was in none of the usual places.',
    },
    {
      id: 'toldApart',
      there: !found || toldApart !== undefined,
      words: 'Make sure that it is the bell’s transformer',
      why: 'One of the heating looks alike: same breaker, its label, where its wires go.',
    },
    {
      id: 'alwaysFed',
      there: !found || alwaysFed !== undefined,
      words: 'Try every switch: does the bell die with a light?',
      why: 'A transformer behind a switch takes the device down with it.',
    },
  ];
}

/** What a supply still lacks where there was no bell. */
const atSupply = (point: Point): Asked => ({
  id: 'supply',
  there: point.look.wasThere !== 'nothing' || point.supply.from !== undefined,
  words: 'Say where a supply can come from',
  why: 'There was no bell: board, spur, adapter, a light, or battery alone.',
});

const wifiAsked = (point: Point): Asked => ({
  id: 'wifi',
  there: point.wifi.length > 0,
  words: 'Read the Wi-Fi at the spot, door shut',
  why: 'Below −70 dBm an extender comes first.',
});

/** What Look needs at a floodlight point. */
const atFloodlight = (point: Point): readonly Asked[] => [
  {
    id: 'oldFixture',
    there: point.look.oldFixture !== undefined,
    words: 'Say what hangs there now',
    why: 'An old light has a box and a feed; nothing means both are new.',
  },
  {
    id: 'mountedOn',
    there: point.look.mountedOn !== undefined,
    words: 'Wall, eave or post?',
    why: 'Head and sensor turn differently under an eave.',
  },
  {
    id: 'fixtureHeightM',
    there: point.look.fixtureHeightM !== undefined,
    words: 'Measure its height over the ground',
    why: 'Usual is 2.7 to 3 m; the ladder follows from it.',
  },
  wifiAsked(point),
];

/** What Look still needs at a point, most telling first. */
export function missingAtLook(job: Job, point: Point): readonly Missing[] {
  const all = point.kind === 'floodlight' ? atFloodlight(point) : atDoorbell(job, point);
  return all.filter(({ there }) => !there);
}

function atDoorbell(job: Job, point: Point): readonly Asked[] {
  return [
    {
      id: 'wasThere',
      there: point.look.wasThere !== undefined,
      words: 'Say what was there before',
      why: 'A button means bell wires; nothing means a new supply.',
    },
    {
      id: 'chimeKind',
      there: point.chime.chimeKind !== undefined || point.look.wasThere === 'nothing',
      words: 'Open the chime: which kind is it?',
      why: 'It decides which treatments there are.',
    },
    atSupply(point),
    {
      id: 'wall',
      there: point.look.wall !== undefined,
      words: 'Name the wall at the door',
      why: 'Bit, anchors and screw length follow from it.',
    },
    {
      id: 'leadReachM',
      there: point.look.leadReachM !== undefined || point.look.wasThere === 'nothing',
      words: 'Pull the lead: how far does it reach?',
      why: 'It decides where the plate can sit.',
    },
    ...atTransformer(job, point),
    wifiAsked(point),
  ];
}

/** What Measure needs at a floodlight’s box: what it is, what is in it, and the tests, one by one. */
export function missingAtBox(point: Point): readonly Missing[] {
  const { box, cables } = point;
  const { next } = conclusionsOf(point);
  const { feed, open } = feedCase(boxSurveyOf(point));
  const all: readonly Asked[] = [
    {
      id: 'boxVolume',
      there: box.standardBox !== undefined || box.markedIn3 !== undefined,
      words: 'Name the box: shape and size, or the volume marked in it',
      why: 'Whether all of it has room is counted from it.',
    },
    {
      id: 'boxMaterial',
      there: box.material !== undefined,
      words: 'Is the box metal or plastic?',
      why: 'Metal has to be one with the ground.',
    },
    {
      id: 'cables',
      there: cables.length > 0,
      words: 'Name the cables that come in',
      why: 'Every conductor of them is tested and counted.',
    },
    {
      id: 'test',
      there: next === null,
      words: next ? `Test ${next.name}: ${next.words}` : '',
      why: next ? TEST_FACTS[next.test].how : '',
    },
    {
      id: 'feed',
      there: cables.length === 0 || next !== null || feed !== null,
      words: 'How it is fed is still open',
      why: `${open.join('; ')}.`,
    },
  ];
  const pack = regionPack(point.setting.region);
  return all
    .filter(({ there }) => !there)
    .map(({ id, words, why }) => ({ id, words: inWordsOf(pack, words), why: inWordsOf(pack, why) }));
}
