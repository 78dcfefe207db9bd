import { said, type Text } from '../said';
import type { Joint, Lead, Part, WiringPlace } from './wiring';

const screw = (part: string, name: string, place: WiringPlace): Joint => ({
  id: `${part}.${name}`,
  place,
  kind: 'screw',
  name,
});
const port = (part: string, name: string, place: WiringPlace): Joint => ({ ...screw(part, name, place), kind: 'port' });

/** Pairs of the bell screws that a transformer may have. */
export const SCREW_PAIRS = ['S1–S2', 'S2–S3', 'S1–S3', 'S3–S4', 'S1–S4', 'S2–S4'] as const;
export type ScrewPair = (typeof SCREW_PAIRS)[number];
/** The two screws of each pair. */
export const SCREWS_OF_PAIR: Readonly<Record<ScrewPair, readonly [string, string]>> = {
  'S1–S2': ['S1', 'S2'],
  'S2–S3': ['S2', 'S3'],
  'S1–S3': ['S1', 'S3'],
  'S3–S4': ['S3', 'S4'],
  'S1–S4': ['S1', 'S4'],
  'S2–S4': ['S2', 'S4'],
};

/** Screws of a chime in the order in which they stand: as `chime.Front` and so on. */
const CHIME_SCREWS = ['Front', 'Trans', 'Rear'] as const;

/**
 * A chime with a coil from Trans to Front, and one to Rear where it has one.
 * @param terminal the screw of the door at hand: seen from a door on Rear, what is called Front here is marked Rear there
 */
export const chimePart = (id: string, place: WiringPlace, name: Text, terminal: 'Front' | 'Rear' = 'Front'): Part => ({
  id,
  name,
  place,
  joints: CHIME_SCREWS.map((one) => ({
    ...screw(id, one, place),
    name: terminal === 'Rear' && one !== 'Trans' ? (one === 'Front' ? 'Rear' : 'Front') : one,
  })),
  elements: [
    { id: `${id}.coil`, kind: 'coil', from: `${id}.Trans`, to: `${id}.Front`, rings: 'front' },
    { id: `${id}.rearCoil`, kind: 'coil', from: `${id}.Trans`, to: `${id}.Rear`, rings: 'rear' },
  ],
  leads: [],
});

/** A chime and its transformer in one housing: mains in, two bell screws out to the button. */
export const boxedChimePart = (): Part => ({
  id: 'boxed',
  name: said('boxedChime'),
  place: 'chime',
  joints: [
    ...(['hot', 'neutral'] as const).map((one): Joint => ({
      ...screw('boxed', one, 'chime'),
      name: said('carries', { carries: one }),
      mains: true,
    })),
    ...(['bell 1', 'bell 2'] as const).map((one) => screw('boxed', one, 'chime')),
    port('boxed', 'inside', 'chime'),
  ],
  elements: [
    { id: 'boxed.primary', kind: 'primary', from: 'boxed.hot', to: 'boxed.neutral' },
    { id: 'boxed.winding', kind: 'winding', from: 'boxed.bell 2', to: 'boxed.inside' },
    { id: 'boxed.coil', kind: 'coil', from: 'boxed.inside', to: 'boxed.bell 1', rings: 'front' },
  ],
  leads: [],
});

const SIDES = [
  ['hot side', said('hotSide')],
  ['neutral side', said('neutralSide')],
  ['ground side', said('groundSide')],
] as const;

/** How a transformer’s mains side is joined: by leads of its own, by screws, or by a plug that is nobody’s wiring. */
export type MainsSide = 'leads' | 'plug';

/**
 * A transformer: its bell screws, the winding between the pair that is used, and its primary leads.
 * @param screws names of the bell screws; the winding lies between the first and the second
 */
export function transformerPart(
  id: string,
  name: Text,
  mains: MainsSide,
  {
    screws = ['S1', 'S2'],
    place = 'transformer',
  }: { readonly screws?: readonly string[]; readonly place?: WiringPlace } = {},
): Part {
  const [first = 'S1', second = 'S2'] = screws;
  const primary: readonly Lead[] = (
    [
      ['hot', said('onePrimaryLead')],
      ['neutral', said('otherPrimaryLead')],
      ['ground', said('groundLead')],
    ] as const
  ).map(([carries, words]) => ({
    id: `${id}.${carries}`,
    name: words,
    carries,
    from: `${id}.${carries} side`,
    to: null,
  }));
  return {
    id,
    name,
    place,
    joints: [
      ...screws.map((one) => screw(id, one, place)),
      ...(mains === 'leads' ? SIDES.map(([side, words]): Joint => ({ ...port(id, side, place), name: words })) : []),
    ],
    elements: [
      { id: `${id}.winding`, kind: 'winding', from: `${id}.${second}`, to: `${id}.${first}` },
      ...(mains === 'leads'
        ? [{ id: `${id}.primary`, kind: 'primary' as const, from: `${id}.hot side`, to: `${id}.neutral side` }]
        : []),
    ],
    leads: mains === 'leads' ? primary : [],
    ...(mains === 'leads' ? { bonds: [`${id}.ground side`] } : {}),
  };
}

interface Between {
  readonly id: string;
  readonly name: Text;
  readonly place: WiringPlace;
  readonly kind: 'shunt' | 'link';
  readonly ohms: number;
  /** Names of its two leads where it comes with leads; without, wires go into its ports. */
  readonly leads?: readonly [Text, Text];
}

/** Something with two ports and ohms between them: module, fuse link, protector, jumper. */
export function betweenPart({ id, name, place, kind, ohms, leads }: Between): Part {
  const [a, b] = [port(id, 'A', place), port(id, 'B', place)];
  const lead = (letter: 'a' | 'b', words: Text, from: string): Lead => ({
    id: `${id}.${letter}`,
    name: words,
    carries: 'bell',
    from,
    to: null,
  });
  return {
    id,
    name,
    place,
    joints: [a, b],
    elements: [{ id: `${id}.${kind}`, kind, from: a.id, to: b.id, ohms }],
    leads: leads === undefined ? [] : [lead('a', leads[0], a.id), lead('b', leads[1], b.id)],
  };
}

/** Something with a pair of screws where the wires on their way pass: a handset. It lies across them and is no part of the loop. */
export const passingPart = (id: string, name: Text): Part => ({
  id,
  name,
  place: 'chime',
  joints: [screw(id, '1', 'chime'), screw(id, '2', 'chime')],
  elements: [],
  leads: [],
});

/** What hangs at a door between two screws: a doorbell or an old button. */
export const doorPart = (id: string, name: Text, place: 'door' | 'rearDoor', kind: 'load' | 'button'): Part => ({
  id,
  name,
  place,
  joints: (['D1', 'D2'] as const).map((one) => screw(id, one, place)),
  elements: [{ id: `${id}.${kind}`, kind, from: `${id}.D1`, to: `${id}.D2` }],
  leads: [],
});
