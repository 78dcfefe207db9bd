import type { RegionPack } from '../region';
import { lengthText, type LengthSystem } from '../units';
import type { Fact, FactWords } from './fact';

/** What decides how a fact reads at a place: the site's lengths and the terms of its region. */
export interface Place {
  readonly lengths: LengthSystem;
  readonly region: RegionPack;
}

/** Words of a fact in the terms of a region. */
export const inTerms = (words: FactWords, region: RegionPack): string =>
  typeof words === 'function' ? words(region) : words;

/** What was said of a fact, as a sentence or a row says it: “3 1/2 in”, “brick”, “faces, gate”. */
export function factText({ form }: Fact, value: unknown, { lengths, region }: Place): string {
  switch (form.is) {
    case 'text':
      return String(value);
    case 'figure':
      return `${Number(Number(value).toFixed(3))}${form.rule.unit ? ` ${form.rule.unit}` : ''}`;
    case 'tape':
      return lengthText(Number(value), lengths, 'small');
    case 'run':
      return lengthText(Number(value), lengths);
    case 'choice':
    case 'choices': {
      const said: readonly unknown[] = Array.isArray(value) ? value : [value];
      return said
        .map((one) => {
          const answer = form.answers.find((candidate) => candidate.value === one);
          return answer ? inTerms(answer.words, region) : String(one);
        })
        .join(', ');
    }
    case 'other':
      return form.say(value);
  }
}
