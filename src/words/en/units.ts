import type { UnitsSayings } from '@/core/units';
import type { Sentences } from '../sentence';

export const units: Sentences<UnitsSayings> = {
  nothingTyped: 'Nothing typed yet.',
  notAFigure: ({ typed }) => `“${typed}” is not a figure. Type a number, with its unit if you like.`,
  notItsUnit: ({ typed, expected }) => `“${typed}” is not a unit for this. It takes ${expected}.`,
  belowZero: 'It can’t be below zero. Leave the minus sign out.',
  zeroNotPossible: 'Zero is not possible here. Leave it empty if it was not read.',
  underLeast: ({ least, unit }, t) => `Under ${t.short(least)} ${unit} is not possible here. Read it again.`,
  overMost: ({ most, unit }, t) =>
    `Over ${t.short(most)} ${unit} is not possible here. Check the range and read it again.`,
  rangeTurned: 'The first figure of a range is the lower one.',
  noSuchConductor: ({ typed }) => `There is no conductor of “${typed}”. Bell wire is 16 to 24 AWG, or 0.5 to 1.5 mm².`,
  ampsAreVa: ({ amps }, t) =>
    `${t.short(amps)} amps is no bell transformer. If the label says ${t.short(amps)} VA, type “${t.short(amps)} VA”.`,
  ampsForVa: ({ va }, t) =>
    va === null
      ? 'That is amps. VA = volts × amps: fill in the volts first, or read the VA on the label.'
      : `That is amps. VA = volts × amps = ${t.short(va)} VA: type “${t.short(va)} VA” if the label agrees.`,
};
