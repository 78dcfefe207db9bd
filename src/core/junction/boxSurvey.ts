import type { Text } from '../said';
import type { BoxContents } from './boxFill';
import type { Gauge } from '../units';
import type { Wire, WireColour } from '../wiring';

/** What a conductor was found to be by test; `unknown` where nothing was. */
export const CONDUCTOR_FUNCTIONS = ['hot', 'switched', 'neutral', 'ground', 'spare', 'unknown'] as const;
export type ConductorFunction = (typeof CONDUCTOR_FUNCTIONS)[number];
export const CABLE_ROLES = ['feed', 'switchLeg', 'feedThrough', 'secondCircuit'] as const;
export type CableRole = (typeof CABLE_ROLES)[number];
export const CONDUCTOR_STATES = ['good', 'nicked', 'brittle', 'loose'] as const;
/** What stands between the board and the box. */
export const AHEADS = ['none', 'switch', 'sensor', 'photocell', 'timer'] as const;
export type Ahead = (typeof AHEADS)[number];

export interface SurveyedConductor {
  readonly id: string;
  readonly gauge: Gauge;
  readonly strands: 'solid' | 'stranded';
  readonly metal: 'copper' | 'aluminium';
  readonly colour: WireColour;
  /** What its colour claims here; null where nothing. */
  readonly claims: Wire['claims'];
  readonly carries: ConductorFunction;
  readonly state: (typeof CONDUCTOR_STATES)[number];
  /** It passes through unbroken, perhaps looped with twice the free length: it is joined to nothing. */
  readonly passes: 'through' | 'looped' | null;
  readonly freeM: number | null;
}

export interface SurveyedCable {
  readonly id: string;
  readonly name: Text;
  readonly role: CableRole | null;
  readonly conductors: readonly SurveyedConductor[];
}

/** A junction box as it was found. */
export interface BoxSurvey {
  /** Volume of the box alone; null where neither a standard box nor a mark was named. */
  readonly volumeIn3: number | null;
  /** Edition of NEC that is in force, where that rule counts. */
  readonly edition: BoxContents['edition'];
  readonly shape: 'round' | 'square' | 'device' | null;
  readonly depthM: number | null;
  readonly material: 'metal' | 'plastic' | null;
  readonly recessM: number;
  /** Whether it sits in the wall or on it; null where nobody said. */
  readonly setting: 'flush' | 'surface' | null;
  readonly clamps: 'none' | 'internal';
  /** Kinds of fittings in it: stud, hickey. */
  readonly fittings: number;
  readonly deviceIn: 'none' | 'outlet';
  /** The box itself is joined to the ground. */
  readonly bonded: boolean;
  readonly ahead: Ahead;
  readonly fedFrom: 'circuit' | 'spur';
  /** What protects the feed, where it is more than a breaker. */
  readonly residual: boolean;
  readonly oldFixture: 'lamp' | 'sensorLight' | 'floodlight' | 'nothing';
  readonly oldGrounded: boolean;
  readonly cables: readonly SurveyedCable[];
}

/** A box of which nothing was said yet, and that was asked for nothing. */
export const UNKNOWN_BOX: BoxSurvey = {
  volumeIn3: null,
  edition: 2023,
  shape: null,
  depthM: null,
  material: null,
  recessM: 0,
  setting: null,
  clamps: 'none',
  fittings: 0,
  deviceIn: 'none',
  bonded: false,
  ahead: 'none',
  fedFrom: 'circuit',
  residual: false,
  oldFixture: 'nothing',
  oldGrounded: true,
  cables: [],
};

export const wireOf = ({ gauge, strands, metal, colour, claims }: SurveyedConductor): Wire => ({
  gauge,
  strands,
  metal,
  colour,
  claims,
});

/** Conductors that end in the box, over all cables of the circuit at hand or of another. */
export const conductorsOf = (
  { cables }: BoxSurvey,
  carries: ConductorFunction,
  circuit: 'own' | 'second' = 'own',
): readonly { readonly cable: SurveyedCable; readonly conductor: SurveyedConductor }[] =>
  cables
    .filter(({ role }) => (role === 'secondCircuit') === (circuit === 'second'))
    .flatMap((cable) =>
      cable.conductors
        .filter((conductor) => conductor.carries === carries && conductor.passes === null)
        .map((conductor) => ({ cable, conductor })),
    );
