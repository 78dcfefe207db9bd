import type { Text } from '../said';
import type { Wire } from './wire';

/** Where hands are when a joint is made. `board` and `cable` lie behind what is worked on. */
export type WiringPlace = 'board' | 'transformer' | 'chime' | 'door' | 'rearDoor' | 'cable' | 'box' | 'switch';

/** A point that holds ends of leads: a screw or port of a part, a splice in a connector, a cap over one bare end. */
export interface Joint {
  readonly id: string;
  readonly place: WiringPlace;
  readonly kind: 'screw' | 'port' | 'splice' | 'cap';
  /** As it is called on the spot: “Front”. */
  readonly name: Text;
  /** It holds mains, on a part that has bell screws too. */
  readonly mains?: true;
}

/** What a conductor carries, by test and not by its colour. A hot stays a hot behind a switch: the switch is a part. */
export type Carries = 'bell' | 'hot' | 'neutral' | 'ground' | 'unknown';

/** A conductor that leaves what is worked on: towards the board, or onward to something else on the same circuit. */
export interface HouseEnd {
  /** Which circuit, as the survey tells them apart. */
  readonly circuit: string;
  readonly beyond: 'supply' | 'onward';
}

/** One conductor. An end that is at no joint is null: loose, or beyond what is worked on where it has a {@link HouseEnd}. */
export interface Lead {
  readonly id: string;
  readonly name: Text;
  readonly carries: Carries;
  readonly from: string | null;
  readonly to: string | null;
  /** The run that it is a conductor of; its ohms follow from the survey. */
  readonly run?: string;
  /** Ohms of its own, where it stands in the bell's loop and is no conductor of a run. */
  readonly ohms?: number;
  readonly house?: HouseEnd;
  /** Size, strands, metal and colour, where they were looked at. */
  readonly wire?: Wire;
  /** The lead that it was laid beside, or instead of; it carries the same. */
  readonly laid?: { readonly how: 'beside' | 'instead'; readonly of: string };
  /** The cable that it comes in, as it is called on the spot. */
  readonly cable?: Text;
  /** A short lead that is made on the spot, wholly inside the box. */
  readonly pigtail?: true;
}

export const ELEMENT_KINDS = [
  'winding',
  'primary',
  'coil',
  'shunt',
  'link',
  'load',
  'button',
  'lamp',
  'switch',
  'sensor',
  'fuse',
] as const;
export type ElementKind = (typeof ELEMENT_KINDS)[number];

/** What lies between two joints inside a part. */
export interface Element {
  readonly id: string;
  readonly kind: ElementKind;
  readonly from: string;
  readonly to: string;
  /** Of a coil: the screw that it leads to, seen from the door at hand. */
  readonly rings?: 'front' | 'rear';
  /** Of a shunt or link; what is surveyed or drawn from the mains is known elsewhere. */
  readonly ohms?: number;
}

/** A thing with joints: transformer, chime, module, link, button, doorbell, fixture, plate, switch. */
export interface Part {
  readonly id: string;
  readonly name: Text;
  readonly place: WiringPlace;
  readonly joints: readonly Joint[];
  readonly elements: readonly Element[];
  /** Leads that come with it. */
  readonly leads: readonly Lead[];
  /** Its metal: joints that have to be one with the supply’s ground. */
  readonly bonds?: readonly string[];
  /** A switch that was guarded and labelled, so that nobody turns it off. */
  readonly guarded?: true;
}

/** A point’s wiring: parts, splices and the conductors between them. */
export interface Wiring {
  readonly parts: readonly Part[];
  /** Splices and caps: joints of no part. */
  readonly splices: readonly Joint[];
  readonly leads: readonly Lead[];
}

export const EMPTY_WIRING: Wiring = { parts: [], splices: [], leads: [] };

/** Every joint: splices, and what the parts bring. */
export const jointsOf = ({ parts, splices }: Wiring): readonly Joint[] => [
  ...parts.flatMap(({ joints }) => joints),
  ...splices,
];

export const jointById = (wiring: Wiring, id: string): Joint | undefined =>
  jointsOf(wiring).find((joint) => joint.id === id);

/** Leads that have an end at a joint. */
export const leadsAt = ({ leads }: Wiring, joint: string): readonly Lead[] =>
  leads.filter(({ from, to }) => from === joint || to === joint);

export const leadById = ({ leads }: Wiring, id: string): Lead | undefined => leads.find((lead) => lead.id === id);

export const hasPart = ({ parts }: Wiring, id: string): boolean => parts.some((part) => part.id === id);

/** The circuit at hand, as the ends of its leads name it, and that of a cable that is pulled anew. */
export const OWN_CIRCUIT = 'A';
export const NEW_CIRCUIT = 'new';
