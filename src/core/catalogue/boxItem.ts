import { figureOf, textOf } from './shelf';
import type { Values } from './column';

export const BOX_ITEM_KINDS = ['ring', 'surface', 'deeper'] as const;

/** Something that gives more room: an extension ring on the box, a surface box over it, a deeper box in its place. */
export interface BoxItem {
  readonly id: string;
  readonly name: string;
  readonly kind: (typeof BOX_ITEM_KINDS)[number];
  readonly shape: 'round' | 'square' | 'device' | 'any';
  readonly volumeIn3: number;
  /** How far it comes out. */
  readonly depthM: number;
  /** Its seams keep rain out; null where its sheet does not say. */
  readonly gasketed: 'yes' | 'no' | null;
  readonly minutes: number;
  readonly cost: number;
  readonly regions: readonly string[];
}

export const boxItemFrom = (values: Values): BoxItem => ({
  id: textOf(values, 'id'),
  name: textOf(values, 'name'),
  kind: BOX_ITEM_KINDS.find((kind) => kind === values.kind) ?? 'ring',
  shape: values.shape === 'round' || values.shape === 'square' || values.shape === 'device' ? values.shape : 'any',
  volumeIn3: figureOf(values, 'volumeIn3'),
  depthM: figureOf(values, 'depthM'),
  gasketed: values.gasketed === 'yes' || values.gasketed === 'no' ? values.gasketed : null,
  minutes: figureOf(values, 'minutes'),
  cost: figureOf(values, 'cost'),
  regions: Array.isArray(values.regions) ? values.regions.map(String) : [],
});

/** Threads of box screws that are met. */
export const SCREW_THREADS = ['8-32', '10-24', '6-32', 'M3.5', 'M4'] as const;
export type ScrewThread = (typeof SCREW_THREADS)[number];

/** A machine screw of the assortment. */
export interface BoxScrew {
  readonly id: string;
  readonly name: string;
  readonly thread: ScrewThread;
  readonly lengthM: number;
}

export const boxScrewFrom = (values: Values): BoxScrew => ({
  id: textOf(values, 'id'),
  name: textOf(values, 'name'),
  thread: SCREW_THREADS.find((thread) => thread === values.thread) ?? '8-32',
  lengthM: figureOf(values, 'lengthM'),
});
