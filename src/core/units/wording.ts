import { said, type Text } from '../said';
import type { FigureProblem } from './parsed';

/** So much of a typed text is shown back. */
const SHOWN = 24;
/** More than this is no bell transformer: the “amps” were VA all along. */
const LARGEST_BELL_AMPS = 8;

/** What stands at the field: what is wrong and what to do. */
export function figureProblemText(problem: FigureProblem): Text {
  switch (problem.code) {
    case 'empty':
      return said('nothingTyped');
    case 'notANumber':
      return said('notAFigure', { typed: problem.typed.slice(0, SHOWN) });
    case 'unknownUnit':
      return said('notItsUnit', { typed: problem.typed.slice(0, SHOWN), expected: problem.expected });
    case 'negative':
      return said('belowZero');
    case 'zero':
      return said('zeroNotPossible');
    case 'tooSmall':
      return said('underLeast', { least: problem.least, unit: problem.unit });
    case 'tooLarge':
      return said('overMost', { most: problem.most, unit: problem.unit });
    case 'rangeTurned':
      return said('rangeTurned');
    case 'contradicts':
      return problem.words;
    case 'noSuchGauge':
      return said('noSuchConductor', { typed: problem.typed.slice(0, SHOWN) });
    case 'ampsForVa':
      return problem.amps > LARGEST_BELL_AMPS
        ? said('ampsAreVa', { amps: problem.amps })
        : said('ampsForVa', { va: problem.va });
  }
}
