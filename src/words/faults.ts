import type { RegionPack } from '@/core/region';

/** What a tradesman can say in one breath: a sentence of more words is two. */
const MOST_WORDS = 25;

/** Units and terms that belong to another place. */
const FOREIGN: Readonly<Record<string, RegExp>> = {
  'na-120':
    /\bearth(s|ed|ing)?\b|\bconsumer unit|\bsockets?\b|\bRCD\b|\bAFDD\b|\btwin and earth|\bcolour|\bgrey|\blabelled|\baluminium|\bfibre|\bneighbour/i,
  'gb-230':
    /\bground(s|ed|ing)?\b(?! outside)|\bhots?\b(?= (wire|lead|conductor|side))|\breceptacle|\bbreaker|\bGFCI\b|\bAFCI\b|\bcolor|\bgray|\blabeled|\baluminum|\bfiber|\bneighbor/i,
};
const IMPERIAL = /\d ?(ft|in)\b(?!³)/;
/** Drills and anchors are sold by either. */
const IN_BOTH = /[\d.]+ mm \([^)]* in\)/g;
const METRIC = /\d (m|mm)\b(?!²| ahead| of free)/;

/** Ground that one stands on, and wires that are warm, are no terms. */
const PLAIN = /(over|on) (the|standing|soft) ground|soft ground|dry ground|hot wires|not hot|too hot/gi;

/**
 * What is wrong with a sentence as somebody reads it; none where nothing is.
 * @param text as it stands on a screen or on the sheet
 */
export function faultsOf(text: string, region: RegionPack): readonly string[] {
  const faults: string[] = [];
  const fault = (is: boolean, what: string): void => void (is && faults.push(what));
  fault(/NaN|undefined|null|Infinity|\[object/.test(text), 'a hole');
  fault(/(?<![A-Z])\b[a-z]+[A-Z][a-z]/.test(text.replace(/Wi-Fi|dBm|Mbit/g, '')), 'an identifier');
  fault(
    /\b1 (?!Ω|V\b|VA\b|A\b|W\b|s\b|m\b|ft\b|in\b|gang|is\b|cm|mm)\p{Ll}+s\b(?<!less|across|glass|pass|twice)/u.test(
      text,
    ),
    'one of several',
  );
  fault(/\b(\p{L}+) \1\b(?<!that that)/iu.test(text), 'a word twice');
  fault(/ {2}| [.,;:](?! ?\d)|\.\.(?!\.)|^\s|\s$|,\s*,/.test(text), 'a gap');
  for (const sentence of text.split(/(?<=[.!?])\s+(?=\p{Lu})/u))
    fault(sentence.split(/\s+/).length > MOST_WORDS, `over ${MOST_WORDS} words`);
  const terms = text.replace(PLAIN, '');
  fault(FOREIGN[region.id]?.test(terms) ?? false, 'a term of another place');
  return faults;
}

/** Units of another system than the site’s. */
export const foreignUnit = (text: string, lengths: RegionPack['lengths']): boolean =>
  (lengths === 'metric' ? IMPERIAL : METRIC).test(text.replace(IN_BOTH, ''));
