import type { Text } from '../said';
import type { DeviceProfile, LastingState } from '../catalogue';
import type { DeviceReport, Instrument, OtherCase, Place, RunName } from './bellCase';
import type { ChimeKind, TreatmentPath } from '../chime';
import type { ConductorMaterial } from '../circuit';
import type { RegionPack } from '../region';
import type { Gauge, Span } from '../units';

/** One reading: where, in which state, and what it was (a low and a high where it wandered). SI units. */
export type Reading = {
  readonly id: string;
  /** What read it; an ordinary meter where nobody said. */
  readonly instrument?: Instrument;
} & (
  | { readonly what: 'volts'; readonly at: Place; readonly state: 'open' | LastingState; readonly value: Span }
  | {
      readonly what: 'volts';
      readonly at: 'transformer' | 'door';
      readonly state: 'resistor';
      readonly ohms: number;
      readonly value: Span;
    }
  | { readonly what: 'mainsVolts'; readonly value: Span }
  | { readonly what: 'loopOhms'; readonly run: RunName; readonly value: Span }
  | { readonly what: 'coilOhms'; readonly value: Span }
  | { readonly what: 'report'; readonly state: LastingState; readonly report: DeviceReport }
);

/** One stretch of bell wire as surveyed; null where it is not known. */
export interface RunSurvey {
  readonly lengthM: Span | null;
  readonly gauge: Gauge | null;
  readonly pairs: number;
  readonly material: ConductorMaterial;
  readonly conductors: 1 | 2;
}

/** Another door on the same supply, with its device; lengths where they are known. */
export interface OtherDoor extends Pick<OtherCase, 'joins' | 'chimeId' | 'path'> {
  readonly id: string;
  /** As a sentence says it: “the rear doorbell”. */
  readonly name: Text;
  readonly device: DeviceProfile;
  readonly runM: number | null;
  readonly chimeRunM: number | null;
}

/** What else hangs on the supply. */
export interface SharedSurvey {
  readonly secondChime: boolean;
  readonly others: readonly OtherDoor[];
}

/** All that is known of one doorbell's circuit. */
export interface BellSurvey {
  readonly region: RegionPack;
  readonly nameplate: { readonly volts: number | null; readonly va: number | null };
  readonly runs: Readonly<Record<RunName, RunSurvey>>;
  readonly chime: {
    readonly kind: ChimeKind | null;
    readonly rating: { readonly volts: number; readonly va: number } | null;
    readonly ratedVolts: number | null;
    /** As the catalogue says of a chime like it. */
    readonly coilOhms?: number;
  };
  /** How the chime is treated now, while the readings are taken. */
  readonly present: TreatmentPath;
  /** What else hangs on the transformer; absent at an ordinary point. */
  readonly shared?: SharedSurvey;
  readonly device: DeviceProfile;
  readonly readings: readonly Reading[];
}

/** What a run is before anything was said of it. */
export const UNKNOWN_RUN: RunSurvey = { lengthM: null, gauge: null, pairs: 1, material: 'copper', conductors: 2 };

/** Whether anything at all was learnt about the transformer or the volts it gives. */
export const sourceIsKnown = (survey: BellSurvey): boolean =>
  survey.nameplate.volts !== null ||
  survey.nameplate.va !== null ||
  survey.readings.some((reading) => reading.what === 'volts' || reading.what === 'report');
