import type { FigureProblem } from './parsed';

const round = (value: number): string => `${Number(value.toPrecision(3))}`;

/** The sentence that stands at the field: what is wrong and what to do. */
export function figureProblemText(problem: FigureProblem): string {
  switch (problem.code) {
    case 'empty':
      return 'Nothing typed yet.';
    case 'notANumber':
      return `“${problem.typed.slice(0, 24)}” is not a figure. Type a number, with its unit if you like.`;
    case 'unknownUnit':
      return `“${problem.typed.slice(0, 24)}” is not a unit for this. It takes ${problem.expected}.`;
    case 'negative':
      return 'It can’t be below zero. Leave the minus sign out.';
    case 'zero':
      return 'Zero is not possible here. Leave it empty if it was not read.';
    case 'tooSmall':
      return `Under ${round(problem.least)} ${problem.unit} is not possible here. Read it again.`;
    case 'tooLarge':
      return `Over ${round(problem.most)} ${problem.unit} is not possible here. Check the range and read it again.`;
    case 'rangeTurned':
      return 'The first figure of a range is the lower one.';
    case 'contradicts':
      return problem.words;
    case 'noSuchGauge':
      return `There is no conductor of “${problem.typed.slice(0, 24)}”. Bell wire is 16 to 24 AWG, or 0.5 to 1.5 mm².`;
    case 'ampsForVa':
      return ampsText(problem.amps, problem.va);
  }
}

/** More than this is no bell transformer: the “amps” were VA all along. */
const LARGEST_BELL_AMPS = 8;

function ampsText(amps: number, va: number | null): string {
  if (amps > LARGEST_BELL_AMPS)
    return `${round(amps)} amps is no bell transformer. If the label says ${round(amps)} VA, type “${round(amps)} VA”.`;
  if (va === null) return 'That is amps. VA = volts × amps: fill in the volts first, or read the VA on the label.';
  return `That is amps. VA = volts × amps = ${round(va)} VA: type “${round(va)} VA” if the label agrees.`;
}
