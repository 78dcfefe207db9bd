import { LIMITS } from '@/core/kinds';
import { parseFigure, type FigureRule } from '@/core/units';
import type { TypedField } from './field';
import { mapped } from './fields';

const DBM: FigureRule = { unit: 'dBm', unitWords: ['dbm', 'db'], ...LIMITS.dbm, zeroAllowed: true };

/** A signal: written without its minus as often as with it. @param said what stands now */
export const dbmField = <N extends string>(
  name: N,
  label: string,
  said?: number,
): TypedField<Readonly<Record<N, number>>> => ({
  name,
  label,
  unit: 'dBm',
  figure: true,
  shown: said === undefined ? '' : String(said).replace('-', '−'),
  hint: '−64',
  read: (text) => {
    const typed = text.trim();
    return mapped(
      parseFigure(/^[-−–]/.test(typed) ? typed : `-${typed}`, DBM),
      (dbm) => ({ [name]: dbm }) as Readonly<Record<N, number>>,
    );
  },
  cleared: {},
});
