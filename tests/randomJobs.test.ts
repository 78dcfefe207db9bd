import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { parseJobFile, parseWritten } from '@/contract/job';
import { isBoardPoints } from '@/contract/listedJob';
import { rowMaker } from '@/core/board';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { houseOf } from '@/core/job';
import { ENTRY_KINDS, RUNGS } from '@/core/kinds';
import { areasOf } from '@/core/points';
import { boardRow } from '@/server/projection/project';

import { logOf, sequences, uuidOf } from './randomLog';
import { runs } from './runs';

const rowOf = rowMaker(SHIPPED_CATALOGUE);
const SPOILT = /NaN|undefined|\[object|Infinity/;

describe('random jobs of all kinds of points', () => {
  it('have a row with eight marks, one next move and readable worries for every point', () => {
    fc.assert(
      fc.property(sequences, (sequence) => {
        const { job } = logOf(sequence);
        const row = boardRow(job, rowOf);
        const kept: unknown = JSON.parse(row.points);
        if (!isBoardPoints(kept)) throw new Error('the row can’t be read back');
        const { points } = kept;
        expect(points).toHaveLength(job.points.length);
        expect(row.points).not.toMatch(SPOILT);
        for (const point of points) {
          expect(point.marks).toHaveLength(RUNGS.length);
          expect(say(point.move.words).length).toBeGreaterThan(3);
        }
        for (const point of job.points)
          expect(
            areasOf(job, point)
              .map(({ name, words }) => `${say(name)} ${say(words)}`)
              .join(),
          ).not.toMatch(SPOILT);
      }),
      { seed: 131, numRuns: runs(60) },
    );
  }, 120_000);
  it('stand in a house whose cables lead from something to something, each thing once', () => {
    fc.assert(
      fc.property(sequences, (sequence) => {
        const { job } = logOf(sequence);
        const { nodes, cables } = houseOf(job);
        const ids = nodes.map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
        for (const { from, to } of cables) expect(ids).toEqual(expect.arrayContaining([from, to]));
        const letters = nodes.flatMap(({ pointId, letter }) => (pointId === null ? [] : [letter]));
        expect(letters).toHaveLength(job.points.length);
        expect(new Set(letters).size).toBe(letters.length);
      }),
      { seed: 132, numRuns: runs(300) },
    );
  });
  it('come out of a file, and out of single entries, as they went in', () => {
    fc.assert(
      fc.property(sequences, (sequence) => {
        const log = logOf(sequence);
        for (const { seq: _seq, receivedAt: _receivedAt, ...written } of log.entries) {
          expect(ENTRY_KINDS[written.kind].isValidSync(written.data, { strict: true })).toBe(true);
          expect(parseWritten(JSON.parse(JSON.stringify(written)))).toEqual(written);
        }
        const file = {
          format: 'fox-ladder/job',
          version: 1,
          job: { id: uuidOf(0), title: 'x', createdAt: '2026-03-04T08:00:00Z' },
        };
        const text = JSON.stringify({ ...file, entries: log.entries });
        expect(parseJobFile(JSON.parse(text)).entries).toHaveLength(log.entries.length);
      }),
      { seed: 133, numRuns: runs(100) },
    );
  });
  it('are the same whoever asks again: a fold has no memory', () => {
    fc.assert(
      fc.property(sequences, (sequence) => {
        const log = logOf(sequence);
        expect(log.job).toEqual(log.job);
      }),
      { seed: 134, numRuns: runs(100) },
    );
  });
});
