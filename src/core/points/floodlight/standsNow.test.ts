import { describe, expect, it } from 'vitest';
import type { Floodlight } from './floodlight';
import { spotStandsNow } from './standsNow';

const spot = (feedId: string, groundId: string): Floodlight =>
  ({
    id: 'p',
    hangs: { boxId: 'b' },
    mount: { heightM: 2.9 },
    cables: [{ id: 'k0' }, { id: 'k1' }],
    fixture: { data: { feedId, groundId, cure: null } },
  }) as unknown as Floodlight;

describe('what stands at a box after a floodlight was hung', () => {
  it('is the box as it was where feed and ground were used as found', () => {
    expect(spotStandsNow(spot('useFeed', 'useGround'))).toEqual([
      { kind: 'pointDescribed', data: { pointId: 'p', oldFixture: 'floodlight', fixtureHeightM: 2.9 } },
    ]);
  });
  it('is asked for conductor by conductor where a cable was laid, for the feed or for the ground', () => {
    for (const changed of [spot('newCable', 'useGround'), spot('useFeed', 'newGround')]) {
      const asked = spotStandsNow(changed).flatMap(({ kind, data }) => (kind === 'cableDescribed' ? [data] : []));
      expect(asked).toEqual([
        { boxId: 'b', cableId: 'k0', conductors: null },
        { boxId: 'b', cableId: 'k1', conductors: null },
      ]);
    }
  });
});
