import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import { parse } from '@/contract/parse';
import { practiceRequest } from '@/contract/practice';
import { ProblemError } from '@/contract/problem';
import { DOOR_FAULTS, isDoorFault } from '@/core/faults';
import { playAll, roundOf, type BenchAct, type BenchPlace } from '@/core/practice';
import { addToCrew } from './crew';
import { temporaryStore } from './forTests';
import { keepRound, playedRounds } from './practice';
import type { Store } from './store';

let store: Store;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ store, end } = await temporaryStore());
  await addToCrew(store.db, { id: 'ines', name: 'Ines', licensed: false });
});
afterAll(() => end());

/** A round with a fault whose repair touches no mains, and the acts that end it. */
function solved(): { seed: number; acts: readonly BenchAct[]; minutes: number } {
  for (let seed = 1; ; seed++) {
    const round = roundOf('any', seed);
    const [fault] = round?.hidden.faults ?? [];
    if (round?.of !== 'door' || !fault || !isDoorFault(fault) || DOOR_FAULTS[fault] === 'transformer') continue;
    const place = DOOR_FAULTS[fault];
    const walk: readonly BenchAct[] = place && place !== 'hall' ? [{ do: 'walk', to: place as BenchPlace }] : [];
    const acts: readonly BenchAct[] = [...walk, { do: 'repair', fault }];
    return { seed, acts, minutes: playAll(round, acts).minutes };
  }
}
const asked = (over: object = {}) => {
  const { seed, acts } = solved();
  return { id: v7(), byId: 'ines', level: 'any', seed, bestMinutes: 30, acts, ...over };
};
const keep = (body: object) => keepRound(store.db, store.clock, parse(practiceRequest, body));
const refusedAt = async (body: object): Promise<string> =>
  Promise.resolve()
    .then(() => keep(body))
    .then(
      () => 'kept',
      (error: unknown) => {
        if (!(error instanceof ProblemError)) throw error;
        return `${error.status} ${error.errors.map(({ path }) => path).join()}`;
      },
    );

describe('a round that was played', () => {
  it('is played again, and kept as it comes out', async () => {
    const { minutes } = solved();
    const body = asked();
    const { made, round } = await keep(body);
    expect(made).toBe(true);
    expect(round).toMatchObject({
      by: { id: 'ines', name: 'Ines' },
      ending: 'works',
      minutes,
      inVain: 0,
      bestMinutes: 30,
    });
    expect((await keep(body)).made).toBe(false);
    expect((await playedRounds(store.db)).filter(({ id }) => id === body.id)).toEqual([round]);
  });
  it('is not believed where it has no end, no person, or acts that are none', async () => {
    const before = (await playedRounds(store.db)).length;
    expect(await refusedAt(asked({ acts: [{ do: 'walk', to: 'door' }] }))).toBe('422 acts');
    expect(await refusedAt(asked({ byId: 'nobody' }))).toBe('422 byId');
    expect(await refusedAt(asked({ acts: [{ do: 'walk', to: 'roof' }] }))).toBe('400 acts[0]');
    expect(await refusedAt(asked({ acts: [{ do: 'fly' }] }))).toMatch(/^400 acts\[0\]/);
    expect(await refusedAt(asked({ acts: [] }))).toBe('422 acts');
    expect(await refusedAt(asked({ acts: Array.from({ length: 401 }, () => ({ do: 'prove' })) }))).toBe('422 acts');
    for (const seed of [-1, 1.5, 2 ** 40]) expect(await refusedAt(asked({ seed }))).toBe('422 seed');
    expect(await refusedAt(asked({ seed: '7' }))).toBe('400 seed');
    for (const id of ['', 'x']) expect(await refusedAt(asked({ id }))).toBe('400 id');
    expect(await refusedAt(asked({ level: 'easy' }))).toBe('400 level');
    expect(await refusedAt(asked({ minutes: 1 }))).toMatch(/^400/);
    expect(await playedRounds(store.db)).toHaveLength(before);
  });
  it('takes the finder’s minutes later, once', async () => {
    const body = asked({ bestMinutes: null });
    expect((await keep(body)).round.bestMinutes).toBeNull();
    expect((await keep({ ...body, bestMinutes: 41 })).round.bestMinutes).toBe(41);
    expect((await keep({ ...body, bestMinutes: 1 })).round.bestMinutes).toBe(41);
  });
  it('takes no id of another round', async () => {
    const body = asked();
    await keep(body);
    await addToCrew(store.db, { id: 'tom', name: 'Tom', licensed: false });
    expect(await refusedAt({ ...body, byId: 'tom' })).toBe('409 id');
  });
});
