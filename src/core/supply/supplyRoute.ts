import { distinct, said, type Text } from '../said';
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
  readonly minutes: number;
  readonly mainsWork: boolean;
  readonly parts: readonly Text[];
  readonly caution: Text | null;
}

/** Minutes are those at the source alone; engineering defaults. */
export const SUPPLY_FACTS: Readonly<Record<SupplyFrom, SourceFacts>> = {
  board: {
    minutes: 60,
    mainsWork: true,
    parts: [said('transformerBoard'), said('enclosureClamp'), said('circuitLabel')],
    caution: said('newCircuitLicensed'),
  },
  spur: {
    minutes: 50,
    mainsWork: true,
    parts: [said('fusedSpurHere'), said('enclosureOwnRail'), said('transformer'), said('circuitLabel')],
    caution: said('alwaysNotBehind'),
  },
  adapter: {
    minutes: 10,
    mainsWork: false,
    parts: [said('plugAdapterAc'), said('inlineConnectors')],
    caution: said('outletMustAlways'),
  },
  lighting: {
    minutes: 55,
    mainsWork: true,
    parts: [said('transformerBoxCover'), said('connectors'), said('circuitLabel')],
    caution: said('beforeSwitchBell'),
  },
  battery: {
    minutes: 5,
    mainsWork: false,
    parts: [said('spareBattery'), said('plugSounder')],
    caution: said('somebodyRechargeClips'),
  },
};

interface WayFacts {
  readonly words: Text;
  readonly minutesPerM: number;
  /** Minutes that one person alone needs more, as a factor: a cable is fished by two. */
  readonly aloneFactor: number;
  readonly minutesPerHole: number;
  readonly parts: (lengthM: number, holes: number) => readonly Text[];
  readonly tools: readonly Text[];
  readonly caution: Text | null;
}

/** Engineering defaults, for one cable of bell wire. */
export const SEGMENT_FACTS: Readonly<Record<SegmentWay, WayFacts>> = {
  surface: {
    words: said('surfaceClipped'),
    minutesPerM: 2.5,
    aloneFactor: 1,
    minutesPerHole: 6,
    parts: (lengthM) => [said('cableClipsCount', { count: Math.ceil(lengthM / 0.25) })],
    tools: [said('pinHammer')],
    caution: null,
  },
  trunking: {
    words: said('inTrunking'),
    minutesPerM: 4,
    aloneFactor: 1.1,
    minutesPerHole: 6,
    parts: (lengthM) => [said('miniTrunking', { metres: lengthM })],
    tools: [said('fineSaw'), said('level')],
    caution: null,
  },
  inWall: {
    words: said('fishedWall'),
    minutesPerM: 7,
    aloneFactor: 1.7,
    minutesPerHole: 10,
    parts: () => [said('fillerPaintMake')],
    tools: [said('rodsChain'), said('detectorWiresPipes')],
    caution: said('onlyInsidePermitted'),
  },
  attic: {
    words: said('throughAttic'),
    minutesPerM: 3,
    aloneFactor: 1.3,
    minutesPerHole: 8,
    parts: (lengthM) => [said('cableTies', { count: Math.ceil(lengthM) })],
    tools: [said('rods'), said('lamp'), said('mask')],
    caution: said('boardsOnlyOld'),
  },
  crawlSpace: {
    words: said('throughCrawlSpace'),
    minutesPerM: 4.5,
    aloneFactor: 1.3,
    minutesPerHole: 8,
    parts: (lengthM) => [said('staplesCable', { count: Math.ceil(lengthM / 0.6) })],
    tools: [said('rods'), said('lamp'), said('kneePads')],
    caution: null,
  },
  throughWall: {
    words: said('throughOutsideWall'),
    minutesPerM: 20,
    aloneFactor: 1,
    minutesPerHole: 14,
    parts: (_lengthM, holes) => [said('sealantHole', { holes: Math.max(1, holes) })],
    tools: [said('hammerDrillLong'), said('detectorWiresPipes')],
    caution: said('angledDownOutside'),
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
  readonly parts: readonly Text[];
  /** Those of them that belong to where it comes from, not to the cable’s way. */
  readonly sourceParts: readonly Text[];
  readonly tools: readonly Text[];
  readonly cautions: readonly Text[];
}

/** Cable beyond the route: slack at both ends and what bends eat. */
const CABLE_SPARE = 1.15;

const segmentMinutes = ({ way, lengthM, holes }: RouteSegment, people: 1 | 2): number => {
  const facts = SEGMENT_FACTS[way];
  return facts.minutesPerM * lengthM * (people === 1 ? facts.aloneFactor : 1) + facts.minutesPerHole * holes;
};

/** One stretch as a step of work: what, how, for how long. */
export const stretchSteps = ({
  segments,
  people,
}: Pick<SupplyRoute, 'segments' | 'people'>): readonly {
  readonly words: Text;
  readonly how: Text;
  readonly minutes: number;
}[] =>
  segments.map((segment) => {
    const { way, lengthM, holes } = segment;
    const { words, caution } = SEGMENT_FACTS[way];
    const drilled = holes > 0 ? said('holesAngledDown', { holes }) : null;
    return {
      words: said('stretchOfCable', { way: words, metres: lengthM }),
      how:
        (drilled ?? caution)
          ? said('together', { sentences: present([drilled, caution]) })
          : said('awayMainsCablesToo'),
      minutes: Math.round(segmentMinutes(segment, people)),
    };
  });

const present = (texts: readonly (Text | null)[]): readonly Text[] => texts.flatMap((text) => text ?? []);

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
      ...(lengthM > 0 ? [said('bellCable', { metres: lengthM * CABLE_SPARE, mm2 })] : []),
      ...distinct(laid.flatMap(({ way, lengthM: length, holes }) => SEGMENT_FACTS[way].parts(length, holes))),
    ],
    tools: distinct(facts.flatMap(({ tools }) => tools)),
    cautions: distinct(present([source.caution, ...facts.map(({ caution }) => caution)])),
  };
}
