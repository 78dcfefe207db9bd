import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { byTime, isAfter, isBefore, type Moment } from './moment';
import { Timeline } from './timeline';

const moments = fc
  .uniqueArray(fc.record({ at: fc.nat({ max: 12 }), seq: fc.nat({ max: 40 }) }), {
    selector: ({ seq }) => seq,
    maxLength: 12,
  })
  .map((list) => list.map(({ at, seq }): { moment: Moment } => ({ moment: { at, seq, id: `e${seq}` } })));
const moment = fc.record({ at: fc.nat({ max: 12 }), seq: fc.nat({ max: 40 }), id: fc.constant('m') });

describe('a timeline', () => {
  it('finds what came after a moment by time or by number, as looking through all of it would', () => {
    fc.assert(
      fc.property(moments, moment, fc.option(moment), (list, from, until) => {
        const timeline = new Timeline(list);
        const plain = list
          .filter(({ moment: one }) => isAfter(one, from))
          .filter(({ moment: one }) => until === null || byTime(one, until) < 0 || one.seq < until.seq);
        const found = timeline.after(from, until);
        expect(found === null).toBe(plain.length === 0);
        if (found) expect(plain).toContain(found);
        if (until === null && found)
          expect(found.moment.seq).toBe(Math.min(...plain.map(({ moment: one }) => one.seq)));
      }),
      { seed: 7, numRuns: 600 },
    );
  });
  it('knows the last before a moment, and what is numbered between two', () => {
    fc.assert(
      fc.property(moments, moment, fc.nat({ max: 40 }), (list, at, above) => {
        const timeline = new Timeline(list);
        const before = list.filter(({ moment: one }) => byTime(one, at) < 0);
        const last = before.toSorted((a, b) => byTime(a.moment, b.moment)).at(-1) ?? null;
        expect(timeline.lastBefore(at)).toBe(last);
        expect([...timeline.numbered(above, at.seq)].map(({ moment: one }) => one.seq)).toEqual(
          list
            .map(({ moment: one }) => one.seq)
            .filter((seq) => seq > above && seq < at.seq)
            .sort((a, b) => a - b),
        );
      }),
      { seed: 8, numRuns: 400 },
    );
  });
  it('is before only where time and number agree', () => {
    const one = { at: 1, seq: 2, id: 'a' };
    expect(isBefore(one, { at: 2, seq: 3, id: 'b' })).toBe(true);
    expect(isBefore(one, { at: 2, seq: 1, id: 'b' })).toBe(false);
    expect(isAfter(one, { at: 2, seq: 1, id: 'b' })).toBe(true);
    // Written in the same millisecond, the id tells
    expect(isBefore(one, { at: 1, seq: 3, id: 'b' })).toBe(true);
    expect(isBefore({ ...one, id: 'c' }, { at: 1, seq: 3, id: 'b' })).toBe(false);
  });
});
