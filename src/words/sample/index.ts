import type { Sayings } from '@/core/said';
import { english } from '../en';
import type { Language } from '../language';
import type { Sentences } from '../sentence';
import { writingOf } from '../terms';
import { placeWords } from './places';
import { sentences } from './sentences';

/**
 * A sample of a second language, off by default: some thirty sentences that show what a language is made of. What it does
 * not say yet is said in English; one that is finished leaves nothing out, and the compiler says so.
 */
export const SAMPLE: Language = {
  id: 'de',
  name: 'Deutsch (Probe)',
  sentences: { ...english.sentences, ...sentences } satisfies Sentences<Sayings>,
  placeWords,
  writing: writingOf('de'),
};
