import type { KindsSayings } from '@/core/kinds';
import type { Sentences } from '../sentence';

export const kinds: Sentences<KindsSayings> = {
  ofThem: ({ count }) => `${count} of them`,
  anotherOne: 'another one',
  none: 'none',
  ofThePoints: ({ points }, t) => t.count(points, { one: 'point', other: 'points' }),
  onDay: ({ day }, t) => t.day(day),
  marksDrawn: ({ marks }, t) => t.count(marks, { one: 'mark', other: 'marks' }),
  hunters: ({ people }) => (people === 2 ? 'two: one at the door' : 'alone: walk and look'),
  loopWays: ({ there }) => (there === 1 ? 'one way only, the other runs elsewhere' : 'there and back in it'),
};
