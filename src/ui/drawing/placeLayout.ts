import { drawingWords } from '@/words/screens';
import { said, type Text } from '@/core/said';
import {
  hasPart,
  jointsOf,
  leadsAt,
  type Joint,
  type Lead,
  type Part,
  type Wiring,
  type WiringPlace,
} from '@/core/wiring';

interface Spot {
  readonly x: number;
  readonly y: number;
}
export interface DrawnJoint extends Joint, Spot {}
export interface DrawnLead {
  readonly lead: Lead;
  readonly path: string;
  /** Where it ends with nothing: capped, or loose. */
  readonly loose: Spot | null;
}
export interface DrawnPart {
  readonly part: Part;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Where its name stands free of wires. */
  readonly name: Spot;
}
/** What lies inside a part between two of its joints: a coil, a winding, a link. */
export interface DrawnElement {
  readonly id: string;
  readonly kind: 'coil' | 'winding' | 'link';
  readonly from: Spot;
  readonly to: Spot;
}
export interface PlaceLayout {
  readonly joints: readonly DrawnJoint[];
  readonly leads: readonly DrawnLead[];
  readonly parts: readonly DrawnPart[];
  readonly elements: readonly DrawnElement[];
  /** Where the house’s wires leave the picture, each with its word. */
  readonly exits: readonly { readonly x: number; readonly words: string }[];
}

export const PLACE_SIZE = { width: 460, height: 236 } as const;
const ROW = { screw: 62, middle: 138, exit: 204 } as const;
const SCREW_RADIUS = 15;
/** A rear door’s way back beside the front one’s. */
const REAR_ASIDE = 26;
const SHORT_NAME = 7;
/** Half of a part with two ports. */
const PORT_REACH = 36;

/** Columns of one kind of picture: of joints by their name or id, and of the house’s wires by their id. */
interface Scene {
  readonly joints: Readonly<Record<string, number>>;
  readonly wires: Readonly<Record<string, readonly [x: number, words: Text]>>;
  /** Middle of a part with two ports. */
  readonly between: number;
  /** Wires leave right under their joint, whichever it is. */
  readonly straight?: true;
  /** Where a part with screws has its name, and where its box begins if that is not at its first joint. */
  readonly name: Spot;
  readonly left?: number;
}

const MAINS_COLUMNS = { hot: 50, neutral: 115, ground: 180 } as const;
const MAINS_WIRES = {
  'house.hot': [MAINS_COLUMNS.hot, said('carries', { carries: 'hot' })],
  'house.neutral': [MAINS_COLUMNS.neutral, said('carries', { carries: 'neutral' })],
  'house.ground': [MAINS_COLUMNS.ground, said('carries', { carries: 'ground' })],
} as const;
const MAINS_JOINTS = {
  'hot side': MAINS_COLUMNS.hot,
  'neutral side': MAINS_COLUMNS.neutral,
  'ground side': MAINS_COLUMNS.ground,
  'splice.hot': MAINS_COLUMNS.hot,
  'splice.neutral': MAINS_COLUMNS.neutral,
  'splice.ground': MAINS_COLUMNS.ground,
} as const;

const CHIME: Scene = {
  name: { x: 212, y: 90 },
  between: 130,
  joints: {
    Front: 70,
    Trans: 190,
    Rear: 300,
    'handset.1': 130,
    'handset.2': 330,
    'splice.return': 402,
    'splice.through': 130,
    'splice.front': 66,
    'splice.trans': 194,
  },
  wires: {
    'toDoor.a': [70, drawingWords.door],
    'toChime.a': [190, drawingWords.transformer],
    'toRear.a': [318, drawingWords.rearDoor],
    'toSecond.b': [30, drawingWords.n2nd],
    'toSecond.a': [250, drawingWords.n2nd],
    'toDoor.b': [390, ''],
    'toChime.b': [414, drawingWords.passBy],
    'toRear.b': [438, ''],
  },
};
const BOXED: Scene = {
  name: { x: 200, y: 30 },
  between: 130,
  joints: { 'bell 1': 70, 'bell 2': 170, inside: 120, hot: 300, neutral: 370, 'cap.ground': 430 },
  wires: {
    'toDoor.a': [70, drawingWords.door],
    'toDoor.b': [170, drawingWords.door],
    'house.hot': [300, said('carries', { carries: 'hot' })],
    'house.neutral': [370, said('carries', { carries: 'neutral' })],
    'house.ground': [430, said('carries', { carries: 'ground' })],
  },
};
/** A transformer; also the enclosure that takes the place of a boxed chime, with its fuse link. */
const TRANSFORMER: Scene = {
  name: { x: 22, y: 34 },
  left: 8,
  between: 246,
  straight: true,
  joints: { ...MAINS_JOINTS, S1: 262, S2: 320, S3: 378, S4: 430, 'splice.front': 206 },
  wires: {
    ...MAINS_WIRES,
    'toChime.a': [300, drawingWords.chime2],
    'toChime.b': [370, drawingWords.chime2],
    'toDoor.a': [206, drawingWords.door],
    'toDoor.b': [370, drawingWords.door],
    straight: [370, drawingWords.door],
    'toRear.b': [410, drawingWords.rear],
  },
};
const DOOR: Scene = {
  name: { x: 152, y: 90 },
  between: 190,
  joints: { D1: 130, D2: 290 },
  wires: {
    'toDoor.a': [130, drawingWords.fromTheChime],
    'toDoor.b': [290, drawingWords.otherWire],
    straight: [290, drawingWords.straightWire],
  },
};

function sceneOf(wiring: Wiring, place: WiringPlace): Scene {
  if (place === 'door') return DOOR;
  if (place === 'transformer') return TRANSFORMER;
  const winding = wiring.parts.find(
    (part) => part.place === 'chime' && part.elements.some(({ kind }) => kind === 'winding'),
  );
  return winding === undefined ? CHIME : winding.id === 'boxed' ? BOXED : TRANSFORMER;
}

/** What a joint is within its part, whatever it is called at the site: “S1” of “old.S1”. */
const withinPart = (id: string): string => id.slice(id.indexOf('.') + 1);

/** The wire that a lead was laid beside or instead of. */
const plainId = ({ id, laid }: Lead): string => laid?.of ?? id;
const aside = ({ laid }: Lead): number => (laid?.how === 'beside' ? 12 : 0);

/** Places that a run leads to: an end that is held by nothing hangs at one of them. */
const RUN_ENDS: Readonly<Record<string, readonly WiringPlace[]>> = {
  toChime: ['transformer', 'chime'],
  toDoor: ['chime', 'door'],
  straight: ['transformer', 'door'],
  toRear: ['chime', 'rearDoor'],
  toSecond: ['chime', 'cable'],
};

const isTwoPort = ({ joints }: Part): boolean => joints.length === 2 && joints.every(({ kind }) => kind === 'port');

/** Beside a plug-in adapter the old transformer stays closed: it and its mains side are not worked on. */
function setAside(wiring: Wiring): ReadonlySet<string> {
  const old = wiring.parts.find(({ id }) => id === 'old');
  if (!old || !hasPart(wiring, 'new')) return new Set();
  const splices = wiring.splices.filter(({ id }) => leadsAt(wiring, id).some(({ carries }) => carries !== 'bell'));
  return new Set([old.id, ...[...old.joints, ...splices].map(({ id }) => id)]);
}

/** Where everything at one place of a wiring is drawn. */
export function placeLayout(wiring: Wiring, place: WiringPlace, say: (text: Text) => string): PlaceLayout {
  const scene = sceneOf(wiring, place);
  const hidden = setAside(wiring);
  const here = wiring.parts.filter((part) => part.place === place && !hidden.has(part.id));
  const spots = new Map<string, Spot>();
  for (const joint of jointsOf(wiring)) {
    if (joint.place !== place || hidden.has(joint.id)) continue;
    const part = here.find(({ joints }) => joints.some(({ id }) => id === joint.id));
    const x =
      part && isTwoPort(part)
        ? scene.between + (joint.id === part.joints[0]?.id ? -PORT_REACH : PORT_REACH)
        : (scene.joints[joint.id] ?? scene.joints[withinPart(joint.id)] ?? scene.between);
    const atTop = joint.kind === 'screw' || joint.name === 'inside';
    const onEdge = joint.kind === 'port' && part !== undefined && !isTwoPort(part) && joint.name !== 'inside';
    spots.set(joint.id, { x, y: atTop ? ROW.screw : onEdge ? ROW.screw + 38 : ROW.middle });
  }
  const joints = jointsOf(wiring).flatMap((joint): readonly DrawnJoint[] => {
    const spot = spots.get(joint.id);
    return spot ? [{ ...joint, ...spot }] : [];
  });

  const exits = new Map<number, string>();
  const leads = wiring.leads.flatMap((lead): readonly DrawnLead[] => {
    if ([lead.from, lead.to].some((end) => end !== null && hidden.has(end))) return [];
    const ends = [lead.from, lead.to].map((end) => (end === null ? undefined : spots.get(end)));
    const [a, b] = ends;
    if (a && b) return [{ lead, path: between(a, b), loose: null }];
    const end = a ?? b;
    const wire = scene.wires[plainId(lead)];
    const comesIn = lead.run !== undefined || lead.id.startsWith('house.');
    if (!comesIn) {
      // A lead of a part here whose other end is not yet anywhere
      if (!end) return [];
      const tip = { x: end.x, y: end.y + 34 };
      return [{ lead, path: `M${end.x} ${end.y}V${tip.y}`, loose: tip }];
    }
    const hangs = lead.run === undefined ? place !== 'door' : (RUN_ENDS[lead.run] ?? []).includes(place);
    const held = [lead.from, lead.to].filter((one) => one !== null);
    const freeHere = !end && hangs && held.length < 2 && (lead.run !== undefined || held.length === 0);
    if (!wire || (!end && !freeHere)) return [];
    const x = (scene.straight && end ? end.x + (lead.run === 'toRear' ? REAR_ASIDE : 0) : wire[0]) + aside(lead);
    if (wire[1] !== '' && aside(lead) === 0) exits.set(x, say(wire[1]));
    if (!end) return [{ lead, path: `M${x} ${ROW.exit}V${ROW.middle + 22}`, loose: { x, y: ROW.middle + 22 } }];
    return [{ lead, path: between({ x, y: ROW.exit }, end), loose: null }];
  });

  const parts = here.map((part): DrawnPart => {
    if (isTwoPort(part))
      return {
        part,
        x: scene.between - PORT_REACH,
        y: ROW.middle - 16,
        width: 2 * PORT_REACH,
        height: 32,
        // A long name stands over the box, where no wire runs
        name:
          say(part.name).length > SHORT_NAME
            ? { x: scene.between - PORT_REACH - 4, y: ROW.middle - 23 }
            : { x: scene.between - PORT_REACH + 9, y: ROW.middle + 5 },
      };
    const xs = part.joints.map(({ id }) => spots.get(id)?.x ?? 0);
    const left = scene.left ?? Math.min(...xs) - 42;
    return { part, x: left, y: 8, width: Math.max(...xs) + 42 - left, height: ROW.screw + 30, name: scene.name };
  });
  const elements = here.flatMap((part) =>
    part.elements.flatMap(({ id, kind, from, to }): readonly DrawnElement[] => {
      const [a, b] = [spots.get(from), spots.get(to)];
      if (!a || !b || isTwoPort(part) || kind === 'primary' || kind === 'load' || kind === 'button') return [];
      const drawn = kind === 'coil' || kind === 'winding' ? kind : 'link';
      const [left, right] = a.x < b.x ? [a, b] : [b, a];
      return [
        {
          id,
          kind: drawn,
          from: { x: left.x + SCREW_RADIUS, y: left.y },
          to: { x: right.x - SCREW_RADIUS, y: right.y },
        },
      ];
    }),
  );
  return {
    joints,
    leads,
    parts,
    elements,
    exits: [...exits].map(([x, words]) => ({ x, words })),
  };
}

/** A wire’s way: straight where it can, else one soft bend. */
function between(a: Spot, b: Spot): string {
  if (Math.abs(a.y - b.y) < 4 || a.x === b.x) return `M${a.x} ${a.y}L${b.x} ${b.y}`;
  const middle = (a.y + b.y) / 2;
  return `M${a.x} ${a.y}C${a.x} ${middle} ${b.x} ${middle} ${b.x} ${b.y}`;
}

/** Where work at a place is to be drawn: of a boxed chime the transformer stands at the chime. */
export const drawnPlace = (wiring: Wiring, place: WiringPlace): WiringPlace =>
  place === 'transformer' && !wiring.parts.some((part) => part.place === 'transformer') ? 'chime' : place;

/** Whether there is anything to draw at a place. */
export const isDrawn = (wiring: Wiring, place: WiringPlace): boolean =>
  hasPart(wiring, 'chime') || place !== 'chime'
    ? wiring.parts.some((part) => part.place === place)
    : jointsOf(wiring).some((joint) => joint.place === place);
