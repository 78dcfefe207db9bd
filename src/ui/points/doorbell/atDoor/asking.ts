import type { MeterTask } from '@/contract/instrument';
import { LIMITS, type EntryData } from '@/core/kinds';
import { meterOf, readingProblem, testOhms, type Assessment, type Doorbell } from '@/core/points';
import type { Job } from '@/core/job';
import type { Text } from '@/core/said';
import { VOLTS, VOLT_AMPS, parseSpan, refused, type FigureRule, type Parsed, type Span } from '@/core/units';
import { BELL_VOLTS, COIL_OHMS, LOOP_OHMS, MAINS_VOLTS } from '../measure/readingField';

/** Where the probes are held: what is lit in the drawing. */
export type Lit = 'transformer' | 'chime' | 'door' | 'outlet';

/** One thing that is asked for at the door: a reading, or a figure of the plate. */
export interface Asking {
  readonly id: string;
  /** Which reading of the advice it belongs to. */
  readonly reading: NonNullable<EntryData<'pointDescribed'>['cantRead']>[number];
  readonly unit: string;
  readonly lit: Lit;
  /** A known resistor that is across it, Ω. */
  readonly ohms: number | null;
  readonly meter: MeterTask | null;
  readonly read: (text: string) => Parsed<Span>;
  /** What is written for a figure. */
  readonly entry: (span: Span) => Written;
}

/** An entry of one of the two kinds that are written at the door. */
export type Written =
  | { readonly kind: 'readingTaken'; readonly data: EntryData<'readingTaken'> }
  | { readonly kind: 'transformerDescribed'; readonly data: EntryData<'transformerDescribed'> };

type Scope = Omit<EntryData<'readingTaken'>, 'pointId' | 'low' | 'high'>;

interface Kind {
  readonly rule: FigureRule;
  readonly lit: Lit;
  readonly scope: Scope;
  readonly meter: MeterTask | null;
}

const KINDS: Readonly<Partial<Record<Asking['reading'], Kind>>> = {
  openVolts: {
    rule: BELL_VOLTS,
    lit: 'transformer',
    scope: { what: 'volts', at: 'transformer', state: 'open' },
    meter: { function: 'voltsAc', from: 'S1', to: 'S2', state: 'open' },
  },
  resistor: {
    rule: BELL_VOLTS,
    lit: 'transformer',
    scope: { what: 'volts', at: 'transformer', state: 'resistor' },
    meter: null,
  },
  mainsVolts: {
    rule: MAINS_VOLTS,
    lit: 'outlet',
    scope: { what: 'mainsVolts' },
    meter: { function: 'voltsAc', from: 'hot', to: 'neutral', state: 'open' },
  },
  loopToChime: {
    rule: LOOP_OHMS,
    lit: 'chime',
    scope: { what: 'loopOhms', run: 'toChime' },
    meter: { function: 'ohms', from: 'toChimeA', to: 'toChimeB', state: 'open' },
  },
  loopToDoor: {
    rule: LOOP_OHMS,
    lit: 'door',
    scope: { what: 'loopOhms', run: 'toDoor' },
    meter: { function: 'ohms', from: 'toDoorA', to: 'toDoorB', state: 'open' },
  },
  coilOhms: {
    rule: COIL_OHMS,
    lit: 'chime',
    scope: { what: 'coilOhms' },
    meter: { function: 'ohms', from: 'Trans', to: 'Front', state: 'open' },
  },
  deviceVolts: {
    rule: BELL_VOLTS,
    lit: 'door',
    scope: { what: 'volts', at: 'door', state: 'liveDay' },
    meter: { function: 'voltsAc', from: 'D1', to: 'D2', state: 'liveDay' },
  },
};

const PLATE_VOLTS: FigureRule = { ...VOLTS, ...LIMITS.nameplateVolts };
const PLATE_VA: FigureRule = { ...VOLT_AMPS, ...LIMITS.voltAmps };

/** A figure of the plate: volts first, then VA. */
function plateAsking(point: Doorbell): Asking {
  const isVolts = point.transformer.ratedVolts === undefined;
  const rule = isVolts ? PLATE_VOLTS : PLATE_VA;
  const supplyId = point.hangs.supplyId;
  return {
    id: isVolts ? 'plateVolts' : 'plateVa',
    reading: 'nameplate',
    unit: rule.unit,
    lit: 'transformer',
    ohms: null,
    meter: null,
    read: (text) => parseSpan(text, rule),
    entry: ({ high }) => ({
      kind: 'transformerDescribed',
      data: { supplyId, ...(isVolts ? { ratedVolts: high } : { ratedVa: high }) },
    }),
  };
}

/** What is asked for next at a door; null where nothing would change the decision, or all of it can’t be had. */
export function askingOf(job: Job, point: Doorbell, assessment: Assessment): Asking | null {
  const [next] = assessment.advice().next;
  if (!next) return null;
  if (next.id === 'nameplate') return plateAsking(point);
  const kind = KINDS[next.id];
  if (!kind) return null;
  const ohms = next.id === 'resistor' ? testOhms(assessment.known) : null;
  const scope = { ...kind.scope, pointId: point.id, ...(ohms === null ? {} : { ohms }), ...meterOf(job) };
  return {
    id: next.id,
    reading: next.id,
    unit: kind.rule.unit,
    lit: kind.lit,
    ohms,
    meter: kind.meter,
    read: (text) => {
      const span = parseSpan(text, kind.rule);
      if (!span.ok) return span;
      const words: Text | null = readingProblem({ ...scope, ...span.value }, point.readings);
      return words === null ? span : refused({ code: 'contradicts', words });
    },
    entry: (span) => ({ kind: 'readingTaken', data: { ...scope, ...span } }),
  };
}
