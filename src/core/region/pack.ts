import type { Text } from '../said';
import type { LengthSystem } from '../units';
import type { Work } from './works';

/** Functions that colours claim, by their plain names. */
export type ColourClaims = Readonly<Record<string, 'hot' | 'neutral' | 'ground'>>;

/** Sheets that printers take. */
export const SHEET_SIZES = ['A4', 'LETTER'] as const;
export type SheetSize = (typeof SHEET_SIZES)[number];

/** What differs from place to place, as data. Another region is another file with one line in `packs.ts`. */
export interface RegionPack {
  readonly id: string;
  readonly name: string;
  readonly mains: {
    readonly nominalVolts: number;
    /** Swing at the outlet, per cent of nominal. */
    readonly lowPercent: number;
    readonly highPercent: number;
    readonly frequencyHz: 50 | 60;
  };
  readonly lengths: LengthSystem;
  /** What printers there take. */
  readonly sheet: SheetSize;
  readonly gauge: 'awg' | 'mm2';
  /** Guess where nothing at all was read of the transformer: volts, and VA low / likely / high (5, 50, 95 %). */
  readonly bellGuess: {
    readonly volts: number;
    readonly va: readonly [number, number, number];
    /** Other secondaries met here, each as likely as the next, where the volts were not read. */
    readonly otherVolts: readonly number[];
  };
  /** Guess for a gauge that was not read, mm² low / likely / high. */
  readonly gaugeGuessMm2: readonly [number, number, number];
  /** Guess for a mechanical chime's coil at this mains frequency, Ω. */
  readonly coilGuess: { readonly ohms: number; readonly reactanceOhms: number; readonly volts: number };
  /** Colours of the conductors: every one a claim to be proved by test. */
  readonly colours: {
    readonly now: Text;
    readonly old: Text;
    /** What each colour claims, by era; one that is not named claims nothing. */
    readonly claims: Readonly<Record<'now' | 'old', ColourClaims>>;
    /** Leads of a fixture that is sold there now. */
    readonly fixture: Readonly<Record<'hot' | 'neutral' | 'ground', string>>;
  };
  /** How the room in a box is counted: by a rule, or by a share of its space as guidance. */
  readonly boxRoom: 'us-314.16' | 'spaceShare';
  /** Work that is kept for people with a licence, or notifiable, there. */
  readonly reserved: readonly Work[];
  readonly usualAmps: readonly number[];
  readonly feedProtection: Text;
  readonly bellSupply: Text;
  readonly mainsWork: Text;
  /** Short, each where it applies. */
  readonly cautions: {
    readonly board: Text;
    readonly colours: Text;
    readonly transformer: Text;
    readonly oldWalls: Text;
  };
}
