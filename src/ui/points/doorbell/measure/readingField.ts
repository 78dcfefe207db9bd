import { LIMITS, type EntryData } from '@/core/kinds';
import { readingProblem, type TakenReading } from '@/core/points';
import { OHMS, VOLTS, parseSpan, parsed, refused, type FigureRule } from '@/core/units';
import type { TypedField } from '../../../form/field';

/** What a reading is of, before its figure. */
export type ReadingScope = Omit<EntryData<'readingTaken'>, 'low' | 'high'>;

export const BELL_VOLTS: FigureRule = { ...VOLTS, ...LIMITS.bellVolts };
export const MAINS_VOLTS: FigureRule = { ...VOLTS, ...LIMITS.mainsVolts };
export const LOOP_OHMS: FigureRule = { ...OHMS, ...LIMITS.loopOhms, zeroAllowed: true };
export const COIL_OHMS: FigureRule = { ...OHMS, ...LIMITS.coilOhms };
export const LOAD_OHMS: FigureRule = { ...OHMS, ...LIMITS.loadOhms };

/** A field that takes one new reading, a figure or a range, and refuses one that can’t be true beside the others. */
export const readingField = (
  field: Pick<TypedField, 'name' | 'label' | 'id' | 'asked' | 'meter'>,
  rule: FigureRule,
  scope: ReadingScope,
  standing: readonly TakenReading[],
): TypedField<{ readonly low: number; readonly high: number }> => ({
  ...field,
  unit: rule.unit,
  figure: true,
  shown: '',
  read: (text) => {
    const span = parseSpan(text, rule);
    if (!span.ok) return span;
    const { low, high } = span.value;
    const words = readingProblem({ ...scope, low, high }, standing);
    return words === null ? parsed({ low, high }) : refused({ code: 'contradicts', words });
  },
  cleared: {},
});
