/** A way as somebody named it: which board, and the words for it. */
export interface NamedWay {
  readonly board: string | null;
  readonly way: string | null;
}

/** What stands before a number and says no more than that it is a way. */
const WAY_WORDS = /\b(breakers?|ways?|circuits?|mcbs?|rcbos?|fuses?|no|nr|number|switch(es)?)\b\.?/giu;
/** “panel 2 breaker 7”: the 2 is the board’s. */
const BOARD_WITH_NUMBER = /\b(sub-?)?(panel|board|unit|box)\s*#?\s*\d+\b/giu;

const plain = (text: string): string =>
  text
    .normalize('NFKD')
    .toLocaleLowerCase('en')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/**
 * What tells a way from others, however it is spelt: “breaker 7”, “Way 07”, “#7 ” and “7” are one. A pole or tandem
 * letter belongs to it (7A is not 7B, and each may be 7). A name without a number is compared by its words.
 */
export function wayKeys(typed: string): readonly string[] {
  const bare = typed.replace(BOARD_WITH_NUMBER, ' ');
  const text = plain((/\d/.test(bare) ? bare : typed).replace(WAY_WORDS, ' '));
  const numbers = text.match(/\d+\p{L}?(?=\s|$)/gu) ?? text.match(/\d+/gu) ?? [];
  if (numbers.length > 0) return [...new Set(numbers.map((number) => number.replace(/^0+(?=\d)/, '')))];
  return text === '' ? [] : [text];
}

const isNumber = (key: string): boolean => /^\d+$/.test(key);

/** Whether one key may be the other: alike, or a number beside the same number with its letter. */
const mayBe = (one: string, other: string): boolean =>
  one === other ||
  (/^\d/.test(one) &&
    /^\d/.test(other) &&
    parseInt(one, 10) === parseInt(other, 10) &&
    (isNumber(one) || isNumber(other)));

/**
 * Whether two names may be of one breaker: the same way, with the board the same or unsaid. Whoever has to be safe takes
 * them for one; whoever shares something asks first.
 */
export function mayBeOneWay(one: NamedWay, other: NamedWay): boolean {
  if (one.way === null || other.way === null) return false;
  if (one.board !== null && other.board !== null && plain(one.board) !== plain(other.board)) return false;
  const others = wayKeys(other.way);
  return wayKeys(one.way).some((key) => others.some((another) => mayBe(key, another)));
}
