import type { Step } from '../wiring';
import type { ChimeKind } from './kind';

/** What a treatment makes of the path from Trans to Front. */
export type TreatmentPath =
  | { readonly path: 'series' }
  | { readonly path: 'shunt'; readonly shuntOhms: number }
  | { readonly path: 'link'; readonly linkOhms: number }
  | { readonly path: 'none' };

/** One way to treat a chime. A new one is a file beside the others and a line in `treatments/register.ts`. */
export interface Treatment {
  readonly id: string;
  readonly name: string;
  /** One line for the table: what is done. */
  readonly what: string;
  readonly standing: TreatmentPath;
  /** Whether the chime in the wall still rings when the button is pressed. */
  readonly sounds: boolean;
  readonly kinds: readonly ChimeKind[];
  /** Region packs where it is usual; empty for all. */
  readonly regions: readonly string[];
  readonly minutes: number;
  readonly cost: number;
  readonly parts: readonly string[];
  /** The device's own settings that must agree with what is in the wall. */
  readonly setting: string;
  readonly steps: readonly Step[];
}

/** Before a screw is turned, at every chime. */
export const LABEL_STEP: Step = {
  id: 'chime-label',
  place: 'chime',
  words: 'Photograph the terminals, count and label each wire',
  how: 'Count the wires under each screw. Two under one screw may mean a second chime.',
  touches: 'nothing',
};

/** Silent treatments ring elsewhere. */
export const SOUNDER_PART = 'plug-in sounder';
