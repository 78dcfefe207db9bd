import { figureField } from '../../../form/fields';
import { dbmField } from '../../../form/dbmField';
import { faultWords } from '@/words/screens';
import type { TypedField } from '../../../form/field';
import type { OfferedTest } from '@/core/points';
import { DEGREES, OHMS, VOLTS, type FigureRule } from '@/core/units';

type Figured = NonNullable<OfferedTest['figure']>;

/** What a test can show: beyond it the figure is misread. */
const RULES: Readonly<Record<Exclude<Figured, 'dbm'>, FigureRule>> = {
  volts: { ...VOLTS, least: 0, most: 500, zeroAllowed: true },
  ohms: { ...OHMS, least: 0, most: 100_000, zeroAllowed: true },
  degrees: { ...DEGREES, least: -90, most: 90, zeroAllowed: true },
};

const FIGURE_WORDS: Readonly<Record<Figured, string>> = {
  volts: faultWords.volts,
  ohms: faultWords.ohms,
  dbm: faultWords.signal,
  degrees: faultWords.degreesDown,
};

/** The field of a test’s figure. */
export const valueField = (figure: Figured, label = FIGURE_WORDS[figure]): TypedField<{ readonly value: number }> =>
  figure === 'dbm' ? dbmField('value', label) : figureField('value', label, RULES[figure], undefined);
