import { answerName } from '../../kinds/factText';
import { said } from '../../said';
import { pointNode, thingNode } from '../../house/houseGraph';
import { feedCase, foundBox, groundRemedy } from '../../junction';
import { EMPTY_WIRING, planWiring } from '../../wiring';
import { boxSurveyOf } from '../boxOf';
import type { PointBuild } from '../build';
import { boxKnownOf } from './boxKnown';
import { fixtureOf } from './fixtureOf';
import type { Floodlight } from './floodlight';
import { openingOf } from './opening';
import { spotStandsNow } from './standsNow';

/** The decision to go on without a grounding conductor, in writing; null where none was taken. */
function groundDecision({ fixture }: Floodlight): string | null {
  const data = fixture?.data;
  if (data?.groundId !== 'byRule' || !groundRemedy('byRule')?.inWriting) return null;
  return data.groundWords?.trim() ? data.groundWords : null;
}

export const floodlightBuild: PointBuild<Floodlight> = {
  hangs: (id, { boxId }) => ({ supplyId: null, chimeId: null, terminal: null, boxId: boxId ?? id }),
  doorsToShareWith: () => [],
  newHangs: (_job, newId) => ({ boxId: newId() }),
  view: (plain, { hangs, last }) => ({
    ...plain,
    kind: 'floodlight',
    hangs: { supplyId: null, chimeId: null, terminal: null, boxId: hangs.boxId ?? plain.id },
    fed: { bellSide: false, plug: null, breaker: true, joined: undefined },
    boxHeld: plain.look.oldFixture ?? null,
    fixture: last('fixtureChosen'),
  }),
  plan: (point) => fixtureOf(point)?.plan ?? null,
  opening: (point) => planWiring(EMPTY_WIRING, openingOf(point)).steps,
  found: (point) => foundBox(boxSurveyOf(point)),
  isFoundKnown: (point) => feedCase(boxSurveyOf(point)).feed !== null,
  besideWiring(_job, point) {
    const standing = fixtureOf(point);
    const data = point.fixture?.data;
    return {
      groundDecision: groundDecision(point),
      fixture: data?.fixture ?? null,
      room: standing?.room ?? null,
      load: standing?.load ?? null,
      box: boxKnownOf(point, data ?? null),
      outlet: [],
      connectors: data?.connectors ?? null,
    };
  },
  bellSurvey: () => null,
  readings: () => [],
  splices: (point) => fixtureOf(point)?.splices ?? [],
  placeName: () => undefined,
  huntClues: () => ({ diesWithLight: false, transformerAt: null }),
  inHouse(job, point) {
    const node = pointNode('floodlight', point.id, point.name);
    const survey = boxSurveyOf(point);
    const { feed } = feedCase(survey);
    const name = job.house.boxes.find(({ id }) => id === point.hangs.boxId)?.name ?? 'box';
    const words = said('listed', {
      items: [
        point.box.standardBox === undefined ? null : answerName('boxDescribed', 'standardBox', point.box.standardBox),
        feed && said('feed', { feed }),
      ].flatMap((one) => one ?? []),
    });
    const box = thingNode('box', point.hangs.boxId, name, words);
    return {
      nodes: [box, node],
      cables: [{ from: box.id, to: node.id, carries: 'mains', words: '', proposed: false }],
      fedAt: box.id,
    };
  },
  standsNow: spotStandsNow,
  searchWords: ({ fixture }) => [fixture?.data.fixture.name],
};
