import { SHIPPED_CATALOGUE, connectorsIn } from '../catalogue';
import { DEFAULT_REGION } from '../region';
import {
  UNKNOWN_BOX,
  type BoxSurvey,
  type CableRole,
  type ConductorFunction,
  type SurveyedCable,
  type SurveyedConductor,
} from './boxSurvey';
import type { FixtureRemedy } from './fixtureTasks';
import { openingTasks } from './openingTasks';
import type { WireColour } from '../wiring';

export const CONNECTORS = connectorsIn(SHIPPED_CATALOGUE);

export type Core = readonly [
  ConductorFunction,
  WireColour,
  { readonly awg?: number; readonly state?: SurveyedConductor['state'] }?,
];

/** A cable from what its conductors carry and the colours they have. */
export const cable = (id: string, role: CableRole | null, cores: readonly Core[]): SurveyedCable => ({
  id,
  name: `cable ${id}`,
  role,
  conductors: cores.map(([carries, colour, more], i): SurveyedConductor => ({
    id: `${i + 1}`,
    gauge: { awg: more?.awg ?? 14 },
    strands: 'solid',
    metal: 'copper',
    colour,
    claims: DEFAULT_REGION.colours.claims.now[colour] ?? null,
    carries,
    state: more?.state ?? 'good',
    passes: null,
    freeM: null,
  })),
});

export const FEED: readonly Core[] = [
  ['hot', 'black'],
  ['neutral', 'white'],
  ['ground', 'bare'],
];

/** A metal octagonal box with one feed and an old lamp, everything as it should be. */
export const BOX: BoxSurvey = {
  ...UNKNOWN_BOX,
  volumeIn3: 15.5,
  shape: 'round',
  depthM: 0.0381,
  material: 'metal',
  clamps: 'internal',
  bonded: true,
  oldFixture: 'lamp',
  cables: [cable('1', 'feed', FEED)],
};

export const REMEDY: FixtureRemedy = {
  fixture: {
    name: 'Twin',
    leadMm2: 0.823,
    leadStrands: 'stranded',
    grounded: true,
    colours: { hot: 'black', neutral: 'white', ground: 'green' },
  },
  feedId: 'useFeed',
  groundId: 'useGround',
  cure: null,
  energise: true,
  spliceHow: () => null,
  barHow: '',
  plateHow: '',
  vanHow: '',
  opening: openingTasks(null),
};
