import type { Sayings } from '@/core/said';
import type { RegionPack } from '@/core/region';
import type { Sentences } from './sentence';
import type { PlaceWords, Writing } from './terms';

/** A language: a sentence for every code, what things are called, and how figures are written. */
export interface Language {
  /** As in the `lang` of a page. */
  readonly id: string;
  readonly name: string;
  readonly sentences: Sentences<Sayings>;
  readonly placeWords: (region: RegionPack) => PlaceWords;
  readonly writing: Writing;
}
