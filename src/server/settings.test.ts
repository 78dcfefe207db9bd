import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Meter } from '@/contract/instrument';
import { parse } from '@/contract/parse';
import { DEFAULT_SETTINGS, settingsRequest, isOwnMachine } from '@/contract/settings';
import { entry, newJob, temporaryStore } from './forTests';
import { meterAt, phoneAt } from '@/sim';
import { simulatedAt } from './instruments/simulated';
import { appendEntries, createJob } from './jobs/entryStore';
import { readSettings, writeSettings } from './settings';
import type { Store } from './store';

let store: Store;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ store, end } = await temporaryStore());
});
afterAll(() => end());

describe('settings', () => {
  it('are the defaults until something is said, and keep what was not', async () => {
    expect(await readSettings(store.db)).toEqual(DEFAULT_SETTINGS);
    await writeSettings(store.db, { policy: { bellSide: 'live' } });
    await writeSettings(store.db, { simulatedDevices: true });
    expect(await readSettings(store.db)).toMatchObject({
      policy: { bellSide: 'live', account: 'customer' },
      simulatedDevices: true,
    });
  });
  it('are the defaults again where a row can’t be read', async () => {
    await store.db.replaceInto('settings').values({ key: 'policy', value: '{"bellSide":"always"}' }).execute();
    expect(await readSettings(store.db)).toEqual({ ...DEFAULT_SETTINGS, simulatedDevices: true });
    await writeSettings(store.db, { policy: { bellSide: 'off' } });
    expect(await readSettings(store.db)).toMatchObject({ policy: { bellSide: 'off' } });
  });
  it('take an address that a phone can open, and nothing else for one', async () => {
    for (const address of ['https://firm.example', 'http://192.168.1.20:4310', ''])
      expect(await writeSettings(store.db, parse(settingsRequest, { address }))).toMatchObject({ address });
    for (const wrong of [
      'firm.example',
      'ftp://firm.example',
      'https://a b',
      'https://x/jobs',
      'https://me@x',
      'https://',
    ])
      expect(() => parse(settingsRequest, { address: wrong })).toThrow('is no address');
    expect(['http://localhost:4310', 'http://127.0.0.1', 'http://[::1]:4310'].every(isOwnMachine)).toBe(true);
    expect(['https://firm.example', 'http://192.168.1.20:4310', ''].some(isOwnMachine)).toBe(false);
  });
  it('take a currency by its code, and none again', async () => {
    expect(await writeSettings(store.db, parse(settingsRequest, { currency: 'GBP' }))).toMatchObject({
      currency: 'GBP',
    });
    expect(await readSettings(store.db)).toMatchObject({ currency: 'GBP' });
    expect(await writeSettings(store.db, { currency: '' })).toMatchObject({ currency: '' });
  });
  it('take a number of days that a device may be away', async () => {
    expect(await writeSettings(store.db, parse(settingsRequest, { awayDays: 3 }))).toMatchObject({ awayDays: 3 });
    expect(await readSettings(store.db)).toMatchObject({ awayDays: 3, address: '' });
    for (const awayDays of [0, 91, 1.5, -1, 'many', null]) expect(() => parse(settingsRequest, { awayDays })).toThrow();
  });
  it('take a folder, an hour and a number for backups', async () => {
    const set = { backupFolder: '/mnt/backup', backupHour: 0, backupsKept: 3 };
    expect(await writeSettings(store.db, parse(settingsRequest, set))).toMatchObject(set);
    expect(await writeSettings(store.db, { backupFolder: '' })).toMatchObject({ ...set, backupFolder: '' });
    for (const wrong of [
      { backupFolder: 'backup' },
      { backupFolder: '../backup' },
      { backupFolder: `/${'a'.repeat(200)}` },
      { backupHour: 24 },
      { backupHour: 2.5 },
      { backupsKept: 0 },
    ])
      expect(() => parse(settingsRequest, wrong)).toThrow();
  });
  it('refuse a school or a field that does not exist', () => {
    expect(() => parse(settingsRequest, { policy: { bellSide: 'always' } })).toThrow();
    expect(() => parse(settingsRequest, { colour: 'red' })).toThrow();
    expect(() => parse(settingsRequest, { simulatedDevices: 'yes' })).toThrow();
    for (const currency of ['pounds', 'gbp', 'XQQ', 7]) expect(() => parse(settingsRequest, { currency })).toThrow();
  });
});

describe('simulated devices', () => {
  const started = async () => {
    const job = newJob();
    await createJob(store.db, store.clock, job);
    await appendEntries(store.db, store.clock, job.id, [
      entry('pointAdded', {
        pointId: 'p',
        pointKind: 'doorbell',
        name: 'Front door',
        supplyId: 'p',
        chimeId: 'p',
        boxId: 'p',
      }),
      entry('transformerDescribed', { supplyId: 'p', ratedVolts: 16, ratedVa: 30 }),
    ]);
    return job.id;
  };
  const open = { function: 'voltsAc', from: 'S1', to: 'S2', state: 'open' } as const;
  const meter = async (id: string): Promise<Meter> => {
    const { job, point } = await simulatedAt(store, id, 'p');
    return meterAt(job, point);
  };
  it('stand on the circuit as the job has it: live, and nearly dead once it is off', async () => {
    const id = await started();
    const live = (await meter(id)).read(open, 2).value ?? 0;
    // The house behind the meter is drawn by the job’s id: a weak one gives well under its 16 V, never half
    expect(live).toBeGreaterThan(8);
    await appendEntries(store.db, store.clock, id, [
      entry('circuitListed', { circuitId: 'c', way: '7', feeds: ['p'] }),
      entry('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' }),
    ]);
    expect((await meter(id)).read(open, 2).value).toBeLessThan(1);
  });
  it('do not change with what they themselves read', async () => {
    const id = await started();
    const before = (await meter(id)).read(open, 2);
    await appendEntries(store.db, store.clock, id, [
      entry('readingTaken', {
        pointId: 'p',
        what: 'volts',
        at: 'transformer',
        state: 'open',
        low: 18,
        high: 18,
        simulated: true,
      }),
    ]);
    expect((await meter(id)).read(open, 2)).toEqual(before);
  });
  it('are refused where they are switched off, and for a point that is not there', async () => {
    const id = await started();
    await expect(simulatedAt(store, id, 'q')).rejects.toMatchObject({ status: 404 });
    const { job, point } = await simulatedAt(store, id, 'p');
    expect(phoneAt(job, point).simulated).toBe(true);
    await writeSettings(store.db, { simulatedDevices: false });
    await expect(meter(id)).rejects.toMatchObject({ status: 409 });
    await writeSettings(store.db, { simulatedDevices: true });
  });
});
