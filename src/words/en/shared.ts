import type { SharedSayings } from '@/core/said';
import { capital, lowerFirst } from '@/core/units';
import { answerWord, factWord } from '../facts';
import type { Sentences } from '../sentence';
import { factWords } from './facts';

export const shared: Sentences<SharedSayings> = {
  within: ({ words }) => lowerFirst(words),
  connectorsCount: ({ count }, t) => t.count(count, { one: 'connector', other: 'connectors' }),
  pigtailsCount: ({ count }, t) => t.count(count, { one: 'pigtail', other: 'pigtails' }),
  yesOrNo: ({ yes }) => (yes ? 'yes' : 'no'),
  fact: ({ kind, field }, t) => factWord(factWords, kind, field, t),
  answer: ({ kind, field, value }, t) => answerWord(factWords, kind, field, value, t),
  length: ({ metres }, t) => t.length(metres),
  tapeLength: ({ metres }, t) => t.small(metres),
  sentence: ({ words }) => `${capital(words)}.`,
  clauses: ({ clauses }) => `${capital(clauses.join('; '))}.`,
  listed: ({ items }) => items.map((item, i) => (i === 0 ? item : lowerFirst(item))).join(', '),
  together: ({ sentences }) => sentences.join(' '),
  carries: ({ carries }, t) =>
    ({ bell: 'bell wire', hot: t.hot, neutral: 'neutral', ground: t.ground, unknown: 'not tested' })[carries],
};
