import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newJob, temporaryStore } from '../forTests';
import type { Store } from '../store';
import { createJob } from './entryStore';
import { newsOf } from './news';
import { enter, othersIn } from './presence';

let store: Store;
let end: () => Promise<void>;
beforeAll(async () => ({ store, end } = await temporaryStore()));
afterAll(() => end());

describe('who has a job open', () => {
  it('is told without oneself, each at a point once, until they leave', () => {
    const leave = [
      enter('j', { byId: 'ines', pointId: 'front' }),
      enter('j', { byId: 'tomas', pointId: 'yard' }),
      enter('j', { byId: 'tomas', pointId: 'yard' }),
      enter('other', { byId: 'ada', pointId: null }),
    ];
    expect(othersIn('j', 'ines')).toEqual([{ byId: 'tomas', pointId: 'yard' }]);
    leave[1]?.();
    expect(othersIn('j', 'ines')).toHaveLength(1);
    leave[2]?.();
    expect(othersIn('j', 'ines')).toEqual([]);
    leave[0]?.();
    leave[3]?.();
  });

  it('reaches the others over the line of news, and goes with it', async () => {
    const { id } = newJob();
    await createJob(store.db, store.clock, { ...newJob(), id });
    const [mine, theirs] = [new AbortController(), new AbortController()];
    const line = await newsOf(store.db, id, mine.signal, { byId: 'ines', pointId: 'front' });
    await newsOf(store.db, id, theirs.signal, { byId: 'tomas', pointId: 'yard' });
    const reader = line.body?.getReader();
    const heard = async (what: string): Promise<void> => {
      for (let text = ''; !text.includes(what);) {
        const { value, done } = (await reader?.read()) ?? { value: undefined, done: true };
        if (done) throw new Error('the line ended');
        text += new TextDecoder().decode(value);
      }
    };
    await heard('event: here\ndata: [{"byId":"tomas","pointId":"yard"}]');
    theirs.abort();
    await heard('event: here\ndata: []');
    mine.abort();
    expect(othersIn(id, '')).toEqual([]);
  });
});
