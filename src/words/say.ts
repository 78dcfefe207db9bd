import { isSaid, type Figure, type Said, type SaidCode, type Text } from '@/core/said';
import { LANGUAGE } from './chosen';
import type { Language } from './language';
import { termsOf, type Place, type Terms } from './terms';

/** Puts what is said into words; what somebody wrote stays as it was written, nothing said is an empty text. */
export type Say = (text: Text | null | undefined) => string;

type AnySentence = string | ((figures: Readonly<Record<string, Figure>>, terms: Terms) => string);

/**
 * Words of a place in a language.
 * @example sayIn({ region: regionPack('gb-230'), lengths: 'metric' })(said('underCapOwn')) // “under a cap of its own”
 */
export function sayIn({ region, lengths }: Place, language: Language = LANGUAGE): Say {
  const key = `${language.id} ${region.id} ${lengths}`;
  const known = made.get(key) ?? make({ region, lengths }, language);
  made.set(key, known);
  return known;
}

/** What a language calls things at a place, for a screen that makes its own sentences. */
export const termsIn = (place: Place, language: Language = LANGUAGE): Terms =>
  termsOf(language.placeWords(place.region), language.writing, place);

/** Made once for each place and language: a screen may compare it with the one before. */
const made = new Map<string, Say>();

function make(place: Place, language: Language): Say {
  const terms = termsIn(place, language);
  // A code’s figures are those that its sentence takes: `said` and `Sentences` are held to one another by the compiler
  const sentences = language.sentences as Readonly<Partial<Record<SaidCode, AnySentence>>>;
  const spoken = (figure: Figure): Figure =>
    isSaid(figure) ? say(figure) : Array.isArray(figure) ? figure.map(spoken) : figure;
  const say: Say = (text) => {
    if (text === null || text === undefined) return '';
    if (typeof text === 'string') return text;
    const sentence = sentences[text.code];
    // A row that another program made may say what this one doesn’t know
    if (sentence === undefined) throw new RangeError(`no sentence says ${text.code}`);
    if (typeof sentence === 'string') return sentence;
    return sentence(Object.fromEntries(Object.entries(text).map(([name, figure]) => [name, spoken(figure)])), terms);
  };
  return say;
}

/** What a value is once everything said in it was put into words. */
export type InWords<T> = T extends Said
  ? string
  : T extends readonly (infer One)[]
    ? readonly InWords<One>[]
    : T extends object
      ? { readonly [K in keyof T]: InWords<T[K]> }
      : T;

/** An answer or a row with everything said in it put into words, however deep. */
export function inWords<T>(value: T, say: Say): InWords<T> {
  const worded = (one: unknown): unknown =>
    isSaid(one)
      ? say(one)
      : Array.isArray(one)
        ? one.map(worded)
        : typeof one === 'object' && one !== null
          ? Object.fromEntries(Object.entries(one).map(([name, part]) => [name, worded(part)]))
          : one;
  return worded(value) as InWords<T>;
}
