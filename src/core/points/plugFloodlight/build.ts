import { said } from '../../said';
import { pointNode, thingNode } from '../../house/houseGraph';
import { EMPTY_WIRING } from '../../wiring';
import type { PointBuild } from '../build';
import { outletFit } from './outletFit';
import { plugPlan } from './plan';
import type { PlugFloodlight } from './plugFloodlight';

export const plugFloodlightBuild: PointBuild<PlugFloodlight> = {
  hangs: (id, { boxId }) => ({ supplyId: null, chimeId: null, terminal: null, boxId: boxId ?? id }),
  doorsToShareWith: () => [],
  newHangs: (_job, newId) => ({ boxId: newId() }),
  view: (plain, { hangs, facts, last }) => ({
    ...plain,
    kind: 'plugFloodlight',
    hangs: { supplyId: null, chimeId: null, terminal: null, boxId: hangs.boxId ?? plain.id },
    fed: { bellSide: false, plug: 'new', breaker: false, joined: undefined },
    boxHeld: null,
    outlet: facts('outletDescribed'),
    fixture: last('plugFixtureChosen'),
  }),
  plan: (point) => (point.fixture ? plugPlan(point, point.fixture) : null),
  opening: () => [],
  found: () => EMPTY_WIRING,
  isFoundKnown: () => false,
  besideWiring(_job, point) {
    const fixture = point.fixture?.data.fixture ?? null;
    return {
      groundDecision: null,
      fixture,
      room: null,
      load: null,
      box: null,
      outlet: fixture ? outletFit(point, { plugLeadM: fixture.plugLeadM ?? 0 }) : [],
      connectors: null,
    };
  },
  bellSurvey: () => null,
  readings: () => [],
  splices: () => [],
  placeName: ({ outlet }, place) => (place === 'outlet' ? outlet.place : undefined),
  huntClues: () => ({ diesWithLight: false, transformerAt: null }),
  inHouse(job, { id, name, outlet }) {
    const node = pointNode('floodlight', id, name);
    const called = said('theOutlet');
    const from = {
      ...thingNode('supply', `outlet ${id}`, called, outlet.place ?? said('aPlug')),
      opens: 'measure' as const,
    };
    const words = outlet.wayM === undefined ? '' : said('length', { metres: outlet.wayM });
    return {
      nodes: [from, node],
      cables: [{ from: from.id, to: node.id, carries: 'mains', words, proposed: false }],
      fedAt: null,
    };
  },
  standsNow: ({ id: pointId, mount }) => [
    {
      kind: 'pointDescribed',
      data: {
        pointId,
        oldFixture: 'floodlight',
        ...(mount.heightM === undefined ? {} : { fixtureHeightM: mount.heightM }),
      },
    },
  ],
  searchWords: ({ fixture }) => [fixture?.data.fixture.name],
};
