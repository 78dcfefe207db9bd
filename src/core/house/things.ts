import type { ThingKind } from '../kinds/point';
import type { Facts, Source, Taken } from '../kinds/said';

/** Where a transformer is not, by the name of the place. */
export type Looked = Readonly<Record<string, Source>>;
export type TriedSwitch = Source & { readonly name: string; readonly bellDies: boolean };

/** What feeds doors: a transformer that was found, or a supply still to be made. It stands once, whatever hangs on it. */
export interface Supply {
  readonly id: string;
  readonly name: string | null;
  readonly transformer: Facts<'transformerDescribed'>;
  readonly looked: Looked;
  readonly switches: readonly TriedSwitch[];
  readonly planned: Facts<'supplyPlanned'>;
}

/** A chime with its run from the supply. */
export interface Chime {
  readonly id: string;
  readonly name: string | null;
  /** What feeds it; null: the supply of the doors that hang on it. */
  readonly supplyId: string | null;
  readonly facts: Facts<'chimeDescribed'>;
  readonly run: Facts<'runDescribed'>;
}

/** A cable of a box, as it was described last. */
export interface ListedCable {
  readonly id: string;
  readonly facts: Facts<'cableDescribed'>;
}
export type TakenTest = Taken<'conductorTested'>;

/** A box with what comes into it and what was read there. */
export interface Box {
  readonly id: string;
  readonly name: string | null;
  readonly facts: Facts<'boxDescribed'>;
  readonly cables: readonly ListedCable[];
  readonly tests: readonly TakenTest[];
}

/** The things of a site that points hang on, each once. Boards and circuits stand beside them in the job. */
export interface House {
  readonly supplies: readonly Supply[];
  readonly chimes: readonly Chime[];
  readonly boxes: readonly Box[];
}

/** What a point hangs on, by id; null: nothing of the kind. */
export interface Hangs {
  readonly supplyId: string | null;
  readonly chimeId: string | null;
  /** Screw of the chime that its wire comes from. */
  readonly terminal: 'Front' | 'Rear' | null;
  /** The box that its mains side sits in: a floodlight’s own, a doorbell’s transformer’s. */
  readonly boxId: string;
}

/** A door hangs on a supply, by way of a chime. */
export interface DoorHangs extends Hangs {
  readonly supplyId: string;
  readonly chimeId: string;
  readonly terminal: 'Front' | 'Rear';
}

/** What hangs on mains alone. */
export interface BoxHangs extends Hangs {
  readonly supplyId: null;
  readonly chimeId: null;
  readonly terminal: null;
}

/** What was said of what a point hangs on. */
export type SaidHangs = { readonly [F in keyof DoorHangs]?: DoorHangs[F] | null | undefined };

/** Where a point says which thing of a kind it hangs on. */
export const HANGS_ON = { supply: 'supplyId', chime: 'chimeId', box: 'boxId' } as const satisfies Record<
  ThingKind,
  keyof Hangs
>;
