/** @vitest-environment jsdom */
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { lostHere, readLost } from '@/ui/log/lostHere';
import { deleteDB } from 'idb';
import { KEPT } from '@/contract/keptHere';

/** As a browser that runs short of room does it: the database goes, cookies stay. */
const thrownAway = (): Promise<void> => deleteDB(KEPT.shelf);

describe('a shelf that the browser threw away', () => {
  beforeEach(() => lostHere(0, 0));
  afterEach(async () => {
    await readLost();
    await lostHere(0, 0);
  });
  it('is missed with what waited on it, until somebody has read so', async () => {
    expect(await lostHere(2, 0)).toBeNull();
    expect(await lostHere(3, 0)).toBeNull();
    await thrownAway();
    const lost = await lostHere(0, 0);
    expect(lost).toMatchObject({ count: 3 });
    expect(Date.now() - Date.parse(lost?.since ?? '')).toBeLessThan(60_000);
    // The page is closed, and opened again
    expect(await lostHere(0, 0)).toEqual(lost);
    await readLost();
    expect(await lostHere(0, 0)).toBeNull();
  });
  it('is not missed where all was sent before', async () => {
    await lostHere(3, 0);
    await lostHere(0, 0);
    await thrownAway();
    expect(await lostHere(0, 0)).toBeNull();
  });
  it('says since when the oldest had waited', async () => {
    await lostHere(1, 0);
    const [, since] = /~1~([^;~]+)/.exec(document.cookie) ?? [];
    await new Promise((resolve) => setTimeout(resolve, 5));
    await lostHere(2, 0);
    await thrownAway();
    expect(await lostHere(0, 0)).toEqual({ count: 2, photos: 0, since });
  });
  it('is missed for its photos alone, and by what a program from before had noted', async () => {
    await lostHere(0, 4);
    await thrownAway();
    expect(await lostHere(0, 0)).toMatchObject({ count: 0, photos: 4 });
    await readLost();
    await lostHere(2, 0);
    document.cookie = document.cookie.replace(/~\d+$/, '');
    expect(document.cookie).toMatch(/~2~[\w:.-]+$/);
    await thrownAway();
    expect(await lostHere(0, 0)).toMatchObject({ count: 2, photos: 0 });
  });
  it('is no shelf that another tab has emptied by sending', async () => {
    await lostHere(3, 0);
    expect(await lostHere(0, 0)).toBeNull();
    await lostHere(1, 0);
    expect(await lostHere(0, 0)).toBeNull();
  });
});
