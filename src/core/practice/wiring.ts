/** Places of a house on the bench; which of them there are says the kind of bench. */
export const BENCH_PLACES = ['board', 'transformer', 'hall', 'chime', 'door', 'fixture'] as const;
export type BenchPlace = (typeof BENCH_PLACES)[number];

/**
 * Where probes can be put. The ends of a run at the chime are the screws’ own nodes while they are on them: a run of two
 * conductors, A to the screws and B along the return.
 */
export const TERMINALS = {
  outletHot: 'hall',
  outletNeutral: 'hall',
  screw1: 'transformer',
  screw2: 'transformer',
  run1A: 'chime',
  run1B: 'chime',
  trans: 'chime',
  front: 'chime',
  run2A: 'chime',
  run2B: 'chime',
  door1: 'door',
  door2: 'door',
  hot: 'fixture',
  neutral: 'fixture',
  ground: 'fixture',
} as const satisfies Record<string, BenchPlace>;
export type Terminal = keyof typeof TERMINALS;
export const TERMINAL_IDS = Object.keys(TERMINALS) as readonly Terminal[];

/** How conductors are put, and what is told to be on, by the one who looks for a fault. */
export interface Wiring {
  /** House wires under the transformer’s bell screws, apart from them, or off and twisted together. */
  readonly screws: 'on' | 'apart' | 'joined';
  /** The ends at the chime of the run that comes from the transformer, and of the one that goes to the door. */
  readonly run1: 'on' | 'apart';
  readonly run2: 'on' | 'apart';
  /** The module at the chime, where there is one. */
  readonly module: 'on' | 'apart';
  /** The leads at the door: on the device, apart, or twisted together. */
  readonly leads: 'on' | 'apart' | 'joined';
  /** The fixture against its box, or let down with its conductors spread. */
  readonly cover: 'on' | 'apart';
  /** What the lamps are told. */
  readonly lamps: 'off' | 'on';
}
export type WiringPart = keyof Wiring;

export const AS_IT_STANDS: Wiring = {
  screws: 'on',
  run1: 'on',
  run2: 'on',
  module: 'on',
  leads: 'on',
  cover: 'on',
  lamps: 'off',
};

/** Where each is put otherwise (null: by the phone, wherever one stands), and to what it can be put. */
export const WIRING_PARTS = {
  screws: { place: 'transformer', to: ['on', 'apart', 'joined'] },
  run1: { place: 'chime', to: ['on', 'apart'] },
  run2: { place: 'chime', to: ['on', 'apart'] },
  module: { place: 'chime', to: ['on', 'apart'] },
  leads: { place: 'door', to: ['on', 'apart', 'joined'] },
  cover: { place: 'fixture', to: ['on', 'apart'] },
  lamps: { place: null, to: ['on', 'off'] },
} as const satisfies Record<WiringPart, { readonly place: BenchPlace | null; readonly to: readonly string[] }>;
export const WIRING_PART_IDS = Object.keys(WIRING_PARTS) as readonly WiringPart[];

/** Whether all but some parts stand as they should. */
export const standsBut = (wiring: Wiring, ...parts: readonly WiringPart[]): boolean =>
  WIRING_PART_IDS.every((part) => parts.includes(part) || wiring[part] === AS_IT_STANDS[part]);
