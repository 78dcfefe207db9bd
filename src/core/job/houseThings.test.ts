import { describe, expect, it } from '@jest/globals';
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
    expect(thingsOf(door().job, 'supply')).toEqual([
      { kind: 'supply', id: 's', name: 'transformer of Front', carries: ['Front'] },
    ]);
    expect(loneThings(door().job)).toEqual([]);
  });
  it('stand in the house from when they were found, and go with the strike of that', () => {
    const log = door().write('thingFound', { thingId: 'a', thing: 'supply', name: 'attic' });
    expect(loneThings(log.job).map(({ name }) => name)).toEqual(['attic']);
    expect(houseOf(log.job).nodes.map(({ name }) => name)).toContain('attic');
    const entry = foundBy(log.entries, 'a');
    log.write('entryStruck', { target: entry?.id ?? '' });
    expect(loneThings(log.job)).toEqual([]);
    expect(houseOf(log.job).nodes.map(({ name }) => name)).not.toContain('attic');
  });
  it('keep what was said of them where the point goes elsewhere, so that it can come back', () => {
    const log = door()
      .write('transformerDescribed', { supplyId: 's', ratedVolts: 16, ratedVa: 20 })
      .write('thingFound', { thingId: 'a', thing: 'supply', name: 'attic' })
      .write('pointHung', { pointId: 'f', supplyId: 'a' });
    expect(log.door.transformer).toEqual({});
    // It is called so wherever it is shown
    expect(houseOf(log.job).nodes.find(({ id }) => id === 'supply a')?.name).toBe('attic');
    expect(thingsOf(log.job, 'supply').map(({ name, carries }) => [name, carries.length])).toEqual(
      expect.arrayContaining([
        ['attic', 1],
        ['other transformer', 0],
      ]),
    );
    log.write('pointHung', { pointId: 'f', supplyId: 's' });
    expect(log.door.transformer).toMatchObject({ ratedVolts: 16 });
  });
});
