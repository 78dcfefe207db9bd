import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { checkSize } from './jsonSize';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
/** What is taken of some JSON, by its status: 200 where all of it is. */
const asked = (text: string, values: number, depth = 24): number => {
  try {
    checkSize(bytes(text), { values, depth });
    return 200;
  } catch (error) {
    return (error as { status: number }).status;
  }
};
/** Values of JSON, as one would count them by hand; an empty list counts for one more: it has room for one. */
const countOf = (value: unknown): number =>
  typeof value !== 'object' || value === null
    ? 1
    : 1 +
      Math.max(
        1,
        Object.values(value).reduce((sum: number, one) => sum + countOf(one), 0),
      );

describe('the size of JSON', () => {
  it('is the count of its values and how deep they lie, by its bytes alone', () => {
    // The list, and three in it
    expect(asked('[1,2,3]', 4)).toBe(200);
    expect(asked('[1,2,3]', 3)).toBe(413);
    expect(asked('[[[1]]]', 9, 3)).toBe(200);
    expect(asked('[[[[1]]]]', 9, 3)).toBe(400);
    expect(asked('[1],[2],[3]', 9, 1)).toBe(200);
  });
  it('takes what stands in a text for no value', () => {
    expect(asked(JSON.stringify({ note: '[[[[,,,,{{{{ "quoted" \\ ,,,' }), 2)).toBe(200);
    expect(asked(JSON.stringify(['a\\', ',,,,,']), 3)).toBe(200);
  });
  it('never counts fewer than there are', () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 5 }), (value) => {
        const count = countOf(value);
        expect(asked(JSON.stringify(value), count)).toBe(200);
        if (count > 2) expect(asked(JSON.stringify(value), Math.floor(count / 3))).toBe(413);
      }),
      { seed: 7 },
    );
  });
});
