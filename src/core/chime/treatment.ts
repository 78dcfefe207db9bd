import type { Text } from '../said';
import type { BellPath, Task, Wiring } from '../wiring';
import type { ChimeKind } from './kind';
import type { ChimeSetting } from './setting';

/** What a treatment makes of the path from Trans to Front. */
export type TreatmentPath = BellPath;

/** One way to treat a chime, as data: it travels to workers and stands in tables. */
export interface Treatment {
  readonly id: string;
  readonly name: Text;
  /** One line for the table: what is done. */
  readonly what: Text;
  /** Whether the chime in the wall still rings when the button is pressed. */
  readonly sounds: boolean;
  readonly kinds: readonly ChimeKind[];
  /** Region packs where it is usual; empty for all. */
  readonly regions: readonly string[];
  /** The shelf of the catalogue that its part comes from; null where it takes none. */
  readonly fits:
    | { readonly shelf: 'module'; readonly way: 'parallel' | 'inLine' | 'bypass' }
    | { readonly shelf: 'protector'; readonly kind: 'fuseLink' | 'selfResetting' }
    | null;
  /**
   * Only for a device with a battery of its own. The closed form has no figures for it: its waves tell of the tune and the trickle
   * (`bell/tune`), and practice hears whether it rings.
   */
  readonly onlyWithBattery?: true;
  /** A device that forbids that one forbids this one too. */
  readonly alike?: string;
  /** Another chime comes in the old one’s place: a way where the old one would be overdriven, or rings on nothing. */
  readonly isNewChime?: true;
  readonly minutes: number;
  /** Money beside that part and a sounder. */
  readonly cost: number;
  /** What it takes beside that part and a sounder. */
  readonly parts: readonly Text[];
  /** The device's own setting that must agree with what is in the wall. */
  readonly setting: ChimeSetting;
  /** The path that its own change of the wiring comes to. */
  readonly standing: TreatmentPath;
}

/** A treatment as it is written. A new one is a file beside the others and a line in `treatments/register.ts`. */
export interface TreatmentPlan extends Omit<Treatment, 'standing'> {
  /** What it changes of a wiring whose chime stands bare: what was fitted before is out already. */
  readonly tasks: (found: Wiring) => readonly Task[];
}
