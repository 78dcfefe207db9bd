import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { TestLog } from './forTests';
import { houseOf } from './houseOf';
import { foundBy, loneThings, thingsOf } from './houseThings';

const door = (): TestLog =>
  new TestLog().write('pointAdded', {
    pointId: 'f',
    pointKind: 'doorbell',
    name: 'Front',
    supplyId: 's',
    chimeId: 'c',
  });

describe('things of a house', () => {
  it('are named by what hangs on them until somebody names them', () => {
    expect(inWords(thingsOf(door().job, 'supply'), say)).toEqual([
      { kind: 'supply', id: 's', name: 'transformer of Front', carries: ['Front'] },
    ]);
    expect(loneThings(door().job)).toEqual([]);
  });
  it('stand in the house from when they were found, and go with the strike of that', () => {
    const log = door().write('thingFound', { thingId: 'a', thing: 'supply', name: 'attic' });
    expect(
      inWords(
        loneThings(log.job).map(({ name }) => name),
        say,
      ),
    ).toEqual(['attic']);
    expect(
      inWords(
        houseOf(log.job).nodes.map(({ name }) => name),
        say,
      ),
    ).toContain('attic');
    const entry = foundBy(log.entries, 'a');
    log.write('entryStruck', { target: entry?.id ?? '' });
    expect(loneThings(log.job)).toEqual([]);
    expect(
      inWords(
        houseOf(log.job).nodes.map(({ name }) => name),
        say,
      ),
    ).not.toContain('attic');
  });
  it('keep what was said of them where the point goes elsewhere, so that it can come back', () => {
    const log = door()
      .write('transformerDescribed', { supplyId: 's', ratedVolts: 16, ratedVa: 20 })
      .write('thingFound', { thingId: 'a', thing: 'supply', name: 'attic' })
      .write('pointHung', { pointId: 'f', supplyId: 'a' });
    expect(log.door.transformer).toEqual({});
    // It is called so wherever it is shown
    expect(say(houseOf(log.job).nodes.find(({ id }) => id === 'supply a')?.name)).toBe('attic');
    expect(
      inWords(
        thingsOf(log.job, 'supply').map(({ name, carries }) => [name, carries.length]),
        say,
      ),
    ).toEqual(
      expect.arrayContaining([
        ['attic', 1],
        ['other transformer', 0],
      ]),
    );
    log.write('pointHung', { pointId: 'f', supplyId: 's' });
    expect(log.door.transformer).toMatchObject({ ratedVolts: 16 });
  });
});
