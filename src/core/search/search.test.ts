import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { searchOrder, type Place } from './searchOrder';
import { PLACE_FACTS, TRANSFORMER_PLACES, placeWeight } from './transformerPlaces';
import { WITHOUT_IT, transformerSearch } from './transformerSearch';

const place = (id: string, probability: number, minutes: number): Place => ({ id, probability, minutes });

/** Expected minutes of one order, straight from the definition. */
function minutesOf(places: readonly Place[]): number {
  const total = places.reduce((sum, { probability }) => sum + probability, 0);
  return places.reduce(
    (sum, { probability }, i) =>
      sum + (probability / total) * places.slice(0, i + 1).reduce((spent, { minutes }) => spent + minutes, 0),
    0,
  );
}
const permutations = <T>(list: readonly T[]): T[][] =>
  list.length === 0
    ? [[]]
    : list.flatMap((one, i) => permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [one, ...rest]));

describe('order of a search', () => {
  it('takes the worked example of the contract', () => {
    const found = searchOrder([place('board', 0.5, 10), place('furnace', 0.3, 3), place('attic', 0.2, 12)]);
    expect(found?.order).toEqual(['furnace', 'board', 'attic']);
    expect(found?.expectedMinutes).toBeCloseTo(12.4, 12);
  });
  it('puts 0 minutes first and keeps ties in the order given', () => {
    const found = searchOrder([place('a', 0.1, 1), place('b', 0.3, 3), place('c', 0, 0), place('d', 0.2, 0)]);
    expect(found?.order).toEqual(['c', 'd', 'a', 'b']);
  });
  it('has no order where nothing has any probability, and bears huge weights', () => {
    expect(searchOrder([place('a', 0, 1)])).toBeNull();
    expect(searchOrder([place('a', 1e308, 2), place('b', 1e308, 1)])).toEqual({
      order: ['b', 'a'],
      expectedMinutes: 2,
    });
  });
  it('is as good as the best of all orders', () => {
    const places = fc.array(fc.tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 9 })), {
      minLength: 1,
      maxLength: 5,
    });
    fc.assert(
      fc.property(places, (list) => {
        const all = list.map(([p, m], i) => place(String(i), p, m));
        const found = searchOrder(all);
        if (!found) return all.every(({ probability }) => probability === 0);
        const best = Math.min(...permutations(all).map(minutesOf));
        return Math.abs(found.expectedMinutes - best) < 1e-9;
      }),
      { seed: 31 },
    );
  });
});

describe('the search for the transformer', () => {
  const house = { mainsVolts: 120 };
  it('begins where most is found per minute', () => {
    const { left } = transformerSearch(house, []);
    const rates = left.map(({ probability, minutes }) => probability / minutes);
    expect(rates).toEqual([...rates].sort((a, b) => b - a));
    expect(left[0]?.id).toBe('board');
  });
  it('re-weights the rest when a place held nothing', () => {
    const before = transformerSearch(house, []);
    const after = transformerSearch(house, ['board']);
    const joist = (search: typeof before): number =>
      search.left.find(({ id }) => id === 'basementJoist')?.probability ?? 0;
    const board = before.left.find(({ id }) => id === 'board')?.probability ?? 0;
    expect(after.left.map(({ id }) => id)).not.toContain('board');
    expect(joist(after)).toBeCloseTo(joist(before) / (1 - board), 12);
    expect(after.left.reduce((sum, { probability }) => sum + probability, after.elsewhere)).toBeCloseTo(1, 12);
  });
  it('follows clues: no basement, a cable that goes up, a bell that dies with the light', () => {
    expect(placeWeight('basementJoist', { ...house, basement: 'no' })).toBe(0);
    expect(placeWeight('attic', { ...house, cableLeaves: 'up' })).toBeGreaterThan(placeWeight('attic', house));
    const dies = transformerSearch(
      { ...house, diesWithLight: true, droppedCeiling: 'yes', humAt: 'droppedCeiling' },
      [],
    );
    expect(dies.left[0]?.id).toBe('droppedCeiling');
  });
  it('stops where an adapter is cheaper, by hand', () => {
    // Nothing left: never look, take the adapter
    const none = transformerSearch(house, TRANSFORMER_PLACES);
    expect(none).toMatchObject({ left: [], worthLooking: 0, expectedMinutes: null });
    expect(none.minutesWithSearch).toBe(WITHOUT_IT.minutes + WITHOUT_IT.cost);
    // Only the attic left: 9 of 17 in 14 min; looking costs 14 + 9/17·8 + 8/17·57 = 45.06, not looking 57
    const attic = transformerSearch(
      house,
      TRANSFORMER_PLACES.filter((id) => id !== 'attic'),
    );
    expect(attic.worthLooking).toBe(1);
    expect(attic.minutesWithSearch).toBeCloseTo(14 + (9 / 17) * 8 + (8 / 17) * 57, 9);
    // Made unlikely (4.5 % once the cable leaves downwards in a house with a basement), it is not worth the ladder
    const rare = transformerSearch(
      { ...house, cableLeaves: 'down', basement: 'yes' },
      TRANSFORMER_PLACES.filter((id) => id !== 'attic'),
    );
    expect(rare.worthLooking).toBe(0);
  });
  it('knows words and minutes of every place', () => {
    for (const id of TRANSFORMER_PLACES) expect(PLACE_FACTS[id].minutes).toBeGreaterThan(0);
  });
});
