/** Where hands are when a joint is made. `board` and `cable` lie behind what is worked on. */
export type WiringPlace = 'board' | 'transformer' | 'chime' | 'door' | 'rearDoor' | 'cable';

/** A point that holds ends of leads together: a screw or port of a part, or a splice in a connector. */
export interface Joint {
  readonly id: string;
  readonly place: WiringPlace;
  readonly kind: 'screw' | 'port' | 'splice';
  /** As it is called on the spot: “Front”. */
  readonly name: string;
}

/** What a conductor carries, by test and not by its colour. */
export type Carries = 'bell' | 'hot' | 'neutral' | 'ground';

/** One conductor. An end that is at no joint is null: capped, or loose in the wall. */
export interface Lead {
  readonly id: string;
  readonly name: string;
  readonly carries: Carries;
  readonly from: string | null;
  readonly to: string | null;
  /** The run that it is a conductor of; its ohms follow from the survey. */
  readonly run?: string;
  /** Ohms of its own, where it stands in the bell's loop and is no conductor of a run. */
  readonly ohms?: number;
}

export const ELEMENT_KINDS = ['winding', 'primary', 'coil', 'shunt', 'link', 'load', 'button'] as const;
export type ElementKind = (typeof ELEMENT_KINDS)[number];

/** What lies between two joints inside a part. */
export interface Element {
  readonly id: string;
  readonly kind: ElementKind;
  readonly from: string;
  readonly to: string;
  /** Of a shunt or link; what is surveyed or drawn from the mains is known elsewhere. */
  readonly ohms?: number;
}

/** A thing with joints: transformer, chime, module, link, button, doorbell. */
export interface Part {
  readonly id: string;
  readonly name: string;
  readonly place: WiringPlace;
  readonly joints: readonly Joint[];
  readonly elements: readonly Element[];
  /** Leads that come with it. */
  readonly leads: readonly Lead[];
}

/** A point’s wiring: parts, splices and the conductors between them. */
export interface Wiring {
  readonly parts: readonly Part[];
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
