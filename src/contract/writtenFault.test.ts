import { describe, expect, it } from 'vitest';
import { newEntry } from '@/core/kinds';
import { writtenFault } from './job';

const by = { id: 'ines', name: 'Ines' };
const meta = (n: number) => ({ id: `018f0000-0000-7000-8000-00000000000${n}`, at: '2026-03-04T09:00:00Z', by });

describe('an entry that is about to be kept', () => {
  it('is held against its kind before it stands', () => {
    expect(writtenFault(newEntry('pointDescribed', { pointId: 'p', leadReachM: 0.1 }, meta(1)))).toBeNull();
    expect(writtenFault(newEntry('siteDescribed', { boardArea: 'garage', hazards: ['dog'] }, meta(2)))).toBeNull();
  });
  it('is told in a sentence where its kind does not let it through', () => {
    expect(writtenFault(newEntry('pointDescribed', { pointId: 'p', leadReachM: 99 }, meta(3)))).toMatch(/leadReachM/);
    expect(writtenFault(newEntry('pointDescribed', { pointId: '' }, meta(4)))).toMatch(/pointId/);
    const misspelt = { pointId: 'p', leadReach: 0.1 };
    expect(writtenFault(newEntry('pointDescribed', misspelt, meta(5)))).toMatch(/leadReach/);
  });
});
