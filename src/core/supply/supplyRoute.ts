import { runOhms } from '../circuit';

/** Where a new bell supply can come from (domain/power). */
export const SUPPLY_FROM = ['board', 'spur', 'adapter', 'lighting', 'battery'] as const;
export type SupplyFrom = (typeof SUPPLY_FROM)[number];

/** How a stretch of cable is laid. */
export const SEGMENT_WAYS = ['surface', 'trunking', 'inWall', 'attic', 'crawlSpace', 'throughWall'] as const;
export type SegmentWay = (typeof SEGMENT_WAYS)[number];

/** One stretch of the route. */
export interface RouteSegment {
  readonly way: SegmentWay;
  readonly lengthM: number;
  /** Holes through studs, plates or walls. */
  readonly holes: number;
}

export interface SupplyRoute {
  readonly from: SupplyFrom;
  readonly people: 1 | 2;
  /** Copper of one conductor. */
  readonly mm2: number;
  readonly segments: readonly RouteSegment[];
}

interface SourceFacts {
  readonly words: string;
  readonly minutes: number;
  readonly mainsWork: boolean;
  readonly parts: readonly string[];
  readonly caution: string | null;
}

/** Minutes are those at the source alone; engineering defaults. */
export const SUPPLY_FACTS: Readonly<Record<SupplyFrom, SourceFacts>> = {
  board: {
    words: 'at the board, a way of its own',
    minutes: 60,
    mainsWork: true,
    parts: ['transformer for the board', 'enclosure or clamp', 'circuit label'],
    caution: 'A new circuit: licensed or notifiable in many places.',
  },
  spur: {
    words: 'a fused spur beside an outlet',
    minutes: 50,
    mainsWork: true,
    parts: ['fused spur 3 A', 'enclosure with its own rail', 'transformer', 'circuit label'],
    caution: 'Always on, not behind a switch; outside bathroom zones.',
  },
  adapter: {
    words: 'a plug-in adapter at an outlet',
    minutes: 10,
    mainsWork: false,
    parts: ['plug-in adapter, AC out', '2 inline connectors'],
    caution: 'The outlet must be always on, and nobody may unplug it: label it.',
  },
  lighting: {
    words: 'a nearby lighting circuit, before its switch',
    minutes: 55,
    mainsWork: true,
    parts: ['transformer on a box with a cover', 'connectors', 'circuit label'],
    caution: 'Before the switch, or the bell dies with the light. Box fill counts.',
  },
  battery: {
    words: 'none: battery device with a plug-in sounder',
    minutes: 5,
    mainsWork: false,
    parts: ['spare battery', 'plug-in sounder'],
    caution: 'Somebody has to recharge it; clips start late; nothing charges below 0 °C.',
  },
};

interface WayFacts {
  readonly words: string;
  readonly minutesPerM: number;
  /** Minutes that one person alone needs more, as a factor: a cable is fished by two. */
  readonly aloneFactor: number;
  readonly minutesPerHole: number;
  readonly parts: (lengthM: number, holes: number) => readonly string[];
  readonly tools: readonly string[];
  readonly caution: string | null;
}

const metres = (lengthM: number): string => `${Math.ceil(lengthM)} m`;

/** Engineering defaults, for one cable of bell wire. */
export const SEGMENT_FACTS: Readonly<Record<SegmentWay, WayFacts>> = {
  surface: {
    words: 'on the surface, clipped',
    minutesPerM: 2.5,
    aloneFactor: 1,
    minutesPerHole: 6,
    parts: (lengthM) => [`${Math.ceil(lengthM / 0.25)} cable clips`],
    tools: ['pin hammer'],
    caution: null,
  },
  trunking: {
    words: 'in trunking',
    minutesPerM: 4,
    aloneFactor: 1.1,
    minutesPerHole: 6,
    parts: (lengthM) => [`${metres(lengthM)} mini trunking`],
    tools: ['fine saw', 'level'],
    caution: null,
  },
  inWall: {
    words: 'fished in a wall',
    minutesPerM: 7,
    aloneFactor: 1.7,
    minutesPerHole: 10,
    parts: () => ['filler and paint to make good'],
    tools: ['rods and chain', 'detector for wires and pipes'],
    caution: 'Only inside the permitted zones; detect wires and pipes before drilling.',
  },
  attic: {
    words: 'through the attic',
    minutesPerM: 3,
    aloneFactor: 1.3,
    minutesPerHole: 8,
    parts: (lengthM) => [`${Math.ceil(lengthM)} cable ties`],
    tools: ['rods', 'lamp', 'mask'],
    caution: 'Boards only; old insulation may not be disturbed until known.',
  },
  crawlSpace: {
    words: 'through a crawl space',
    minutesPerM: 4.5,
    aloneFactor: 1.3,
    minutesPerHole: 8,
    parts: (lengthM) => [`${Math.ceil(lengthM / 0.6)} staples for cable`],
    tools: ['rods', 'lamp', 'knee pads'],
    caution: null,
  },
  throughWall: {
    words: 'through an outside wall',
    minutesPerM: 20,
    aloneFactor: 1,
    minutesPerHole: 14,
    parts: (_lengthM, holes) => [`sealant for ${Math.max(1, holes)} hole${holes > 1 ? 's' : ''}`],
    tools: ['hammer drill and long bit', 'detector for wires and pipes'],
    caution: 'Angled down to the outside, or a drip loop. Boards that may hold asbestos are not drilled until known.',
  },
};

/** What a route comes to. */
export interface RouteSum {
  readonly lengthM: number;
  readonly holes: number;
  /** There and back at 20 °C; null where no cable is laid. */
  readonly ohms: number | null;
  readonly minutes: number;
  readonly mainsWork: boolean;
  readonly parts: readonly string[];
  /** Those of them that belong to where it comes from, not to the cable’s way. */
  readonly sourceParts: readonly string[];
  readonly tools: readonly string[];
  readonly cautions: readonly string[];
}

/** Cable beyond the route: slack at both ends and what bends eat. */
const CABLE_SPARE = 1.15;

const segmentMinutes = ({ way, lengthM, holes }: RouteSegment, people: 1 | 2): number => {
  const facts = SEGMENT_FACTS[way];
  return facts.minutesPerM * lengthM * (people === 1 ? facts.aloneFactor : 1) + facts.minutesPerHole * holes;
};

/** One stretch as a step of work: what, how, for how long. @param lengthText the place’s way of writing a length */
export const stretchSteps = (
  { segments, people }: Pick<SupplyRoute, 'segments' | 'people'>,
  lengthText: (metres: number) => string,
): readonly { readonly words: string; readonly how: string; readonly minutes: number }[] =>
  segments.map((segment) => {
    const { way, lengthM, holes } = segment;
    const { words, caution } = SEGMENT_FACTS[way];
    const drilled = holes > 0 ? `${holes} ${holes === 1 ? 'hole' : 'holes'}, angled down to the outside.` : null;
    return {
      words: `New bell cable ${words}, ${lengthText(lengthM)}`,
      how: present([drilled, caution]).join(' ') || 'Away from mains cables.',
      minutes: Math.round(segmentMinutes(segment, people)),
    };
  });

const present = (texts: readonly (string | null)[]): readonly string[] =>
  texts.filter((text): text is string => text !== null);

/** Minutes of work (of the crew, not person-minutes), parts, tools, ohms and cautions of a supply and its route. */
export function supplyRoute({ from, people, mm2, segments }: SupplyRoute): RouteSum {
  const source = SUPPLY_FACTS[from];
  const laid = from === 'battery' ? [] : segments;
  const lengthM = laid.reduce((sum, segment) => sum + segment.lengthM, 0);
  const facts = laid.map(({ way }) => SEGMENT_FACTS[way]);
  return {
    lengthM,
    holes: laid.reduce((sum, { holes }) => sum + holes, 0),
    ohms: lengthM > 0 ? runOhms({ lengthM, mm2, pairs: 1, celsius: 20 }) : null,
    minutes: laid.reduce((sum, segment) => sum + segmentMinutes(segment, people), source.minutes),
    mainsWork: source.mainsWork,
    sourceParts: source.parts,
    parts: [
      ...source.parts,
      ...(lengthM > 0 ? [`${metres(lengthM * CABLE_SPARE)} bell cable, 2 × ${Number(mm2.toFixed(2))} mm²`] : []),
      ...new Set(laid.flatMap(({ way, lengthM: length, holes }) => SEGMENT_FACTS[way].parts(length, holes))),
    ],
    tools: [...new Set(facts.flatMap(({ tools }) => tools))],
    cautions: [...new Set(present([source.caution, ...facts.map(({ caution }) => caution)]))],
  };
}
