import type { ChimeKind } from '../../../chime';
import type { DoorFound, InsideFound } from '../../../wiring';

/** What the visitor used before: how it was fed, and what a plan finds of it. One file each, and a line in the register. */
export interface WasThere {
  /** What hangs at the door; null: nothing does. */
  readonly atDoor: DoorFound | null;
  /** What sits where a chime would be; null: a chime, or nothing. */
  readonly inside: (InsideFound & { readonly short: string }) | null;
  /** Whether no wired supply fed it: then there is none to be looked up and measured. */
  readonly isUnfed: (chime: ChimeKind | undefined) => boolean;
  /** Wires of its own reach out of the wall. */
  readonly hasLead: boolean;
  /** A video doorbell lived on this supply, and can say what of it. */
  readonly ranDevice: boolean;
  /** Its cable is of a kind of its own: whether it is kept is asked. */
  readonly asksOwnCable: boolean;
}
