import { said, type Text } from '../said';
import type { RegionPack } from '../region';
import type { Fact, FactWords } from './fact';

/** Words of a fact in the terms of a region. */
export const inTerms = (words: FactWords, region: RegionPack): Text =>
  typeof words === 'function' ? words(region) : words;

/** What was said of a fact, as a sentence or a row says it: “3 1/2 in”, “brick”, “faces, gate”. */
export function factText({ form }: Fact, value: unknown, region: RegionPack): Text {
  switch (form.is) {
    case 'text':
      return String(value);
    case 'figure':
      return `${Number(Number(value).toFixed(3))}${form.rule.unit ? ` ${form.rule.unit}` : ''}`;
    case 'tape':
      return said('tapeLength', { metres: Number(value) });
    case 'run':
      return said('length', { metres: Number(value) });
    case 'choice':
    case 'choices': {
      const given: readonly unknown[] = Array.isArray(value) ? value : [value];
      return said('listed', {
        items: given.map((one) => {
          const answer = form.answers.find((candidate) => candidate.value === one);
          return answer ? inTerms(answer.words, region) : String(one);
        }),
      });
    }
    case 'other':
      return form.say(value);
  }
}
