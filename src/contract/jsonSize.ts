import { ProblemError } from './problem';

/** How much of JSON is taken: values in all, and how deep one lies in another. */
export interface JsonLimits {
  readonly values: number;
  readonly depth: number;
}

/** Deeper lies nothing in any request of ours. */
export const DEEPEST = 24;
/** Values of a request: 500 entries have some 10 000. A file has more time, and a thread of its own. */
export const REQUEST_LIMITS: JsonLimits = { values: 30_000, depth: DEEPEST };
export const FILE_LIMITS: JsonLimits = { values: 1_000_000, depth: DEEPEST };

const QUOTE = 0x22;
const BACKSLASH = 0x5c;
const COMMA = 0x2c;
const OPENING = new Set([0x5b, 0x7b]);
const CLOSING = new Set([0x5d, 0x7d]);

/**
 * Counts the values of JSON and how deep they lie, from its bytes alone: what is too much is refused before anything is
 * made of it. What is no JSON at all is left to whoever parses it.
 * @throws ProblemError 413 too many values · 400 nested too deep
 */
export function checkSize(bytes: Uint8Array, limits: JsonLimits): void {
  let values = 1;
  let depth = 0;
  for (let i = 0; i < bytes.length; i++) {
    const byte = bytes[i] ?? 0;
    if (byte === QUOTE) {
      for (i++; i < bytes.length && bytes[i] !== QUOTE; i++) if (bytes[i] === BACKSLASH) i++;
    } else if (byte === COMMA) values++;
    else if (OPENING.has(byte)) {
      values++;
      if (++depth > limits.depth)
        throw new ProblemError(400, 'The request is nested too deep.', [{ path: '', message: 'nested too deep' }]);
    } else if (CLOSING.has(byte)) depth--;
    if (values > limits.values)
      throw new ProblemError(413, `There are more than the ${limits.values} values that are taken at once.`);
  }
}
