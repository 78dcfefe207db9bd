import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import { parseEntries, parseJobFile } from '@/contract/job';
import { ProblemError } from '@/contract/problem';
import { assess } from '@/core/points';
import { DEAD_MAINS } from '@/core/isolation/forTests';
import { fold } from '@/core/job';
import type { NewEntry } from '@/core/kinds';
import { addToCrew, isLicensed, listCrew } from './crew';
import { entry, newJob, someone, temporaryStore } from './forTests';
import { askedJob } from './jobs/askedJob';
import { appendEntries, createJob } from './jobs/entryStore';
import { exportJob, importJob } from './jobs/jobFile';
import { jobLog } from './jobs/jobLog';
import type { Store } from './store';

let store: Store;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ store, end } = await temporaryStore());
});
afterAll(() => end());

/** What a program sees of the gate. */
interface Asked {
  readonly points: readonly {
    readonly steps: readonly {
      readonly id: string;
      readonly role: string;
      readonly place: string;
      readonly offered: boolean;
      readonly done: boolean;
      readonly heldBy: readonly string[];
    }[];
    readonly move: { readonly rung: string; readonly code: string; readonly words: string };
    readonly verdict: { readonly code: string; readonly words: string } | null;
  }[];
  readonly circuits: readonly { readonly state: string; readonly proofs: readonly object[] }[];
}

/** Entries of just now, a tenth of a second apart: whoever was away for long is asked about it. */
let written = 0;
const here: typeof entry = (kind, data, more) =>
  entry(kind, data, { at: new Date(Date.now() - 60_000 + 100 * written++).toISOString(), ...more });

/** A yard light whose breaker is off, tagged and locked. */
async function yard(...more: (() => NewEntry)[]): Promise<string> {
  const job = newJob('Heron Yard');
  await createJob(store.db, store.clock, job);
  await appendEntries(store.db, store.clock, job.id, [
    here('pointAdded', { pointId: 'yard', pointKind: 'floodlight', name: 'Yard', boxId: 'box' }),
    here('circuitListed', { circuitId: 'c', way: '7', feeds: ['yard'], otherInBox: 'no', sharedNeutral: 'no' }),
    here('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' }),
    ...more.map((write) => write()),
  ]);
  return job.id;
}
const asked = async (id: string, as: string): Promise<Asked> => {
  const { head, entries } = await jobLog(store.db, id);
  const who = { id: as, at: Date.parse(store.clock.now()), ownProofs: null };
  return JSON.parse(JSON.stringify(askedJob(fold(head, entries), who, assess))) as Asked;
};
const refusal = async (run: Promise<unknown>): Promise<ProblemError | null> =>
  run.then(
    () => null,
    (error: unknown) => {
      if (error instanceof ProblemError) return error;
      throw error;
    },
  );
const proof = () => here('deadProved', { circuitId: 'c', placeId: 'box', ...DEAD_MAINS });

describe('what the gate thinks', () => {
  it('is told step by step, as somebody would be offered it now', async () => {
    const id = await yard();
    const before = await asked(id, someone.id);
    const open = before.points[0]?.steps.find((step) => step.id === 'box-open');
    expect(open).toMatchObject({ role: 'proof', place: 'box', offered: true, done: false, heldBy: [] });
    expect(before.points[0]?.steps.find((step) => step.id === 'box-spread')).toMatchObject({
      offered: false,
      heldBy: ['notProved'],
    });
    expect(before.circuits[0]).toMatchObject({ state: 'off', proofs: [] });
    const one = proof();
    await appendEntries(store.db, store.clock, id, [one]);
    const after = await asked(id, one.by.id);
    expect(after.points[0]?.steps.find((step) => step.id === 'box-spread')).toMatchObject({ offered: true });
    expect(after.circuits[0]).toMatchObject({
      state: 'provedDead',
      proofs: [
        { entryId: one.id, place: 'box', byId: one.by.id, weight: 'mains', stands: true, endedBy: null, why: null },
      ],
    });
    const other = await asked(id, 'somebody else');
    expect(other.points[0]?.steps.find((step) => step.id === 'box-spread')).toMatchObject({
      heldBy: ['provedByAnother'],
    });
  });
  it('names what ended a proof, and the move with its words', async () => {
    const on = entry('circuitSwitched', { circuitId: 'c', to: 'on' }, { at: new Date().toISOString() });
    const { circuits, points } = await asked(await yard(proof, () => on), someone.id);
    expect(circuits[0]).toMatchObject({ state: 'live', proofs: [{ stands: false, endedBy: on.id, why: 'switched' }] });
    expect(points[0]?.move.words.length).toBeGreaterThan(5);
    expect(points[0]?.move.code).toMatch(/^[a-zA-Z]+$/);
  });
});

describe('a clock that is ahead', () => {
  it('is refused over two minutes, with the time of here, and nothing is written', async () => {
    const id = await yard();
    const ahead = (ms: number): NewEntry => ({
      ...entry('noteWritten', { text: 'x' }),
      at: new Date(Date.parse(store.clock.now()) + ms).toISOString(),
    });
    const last = (await jobLog(store.db, id)).entries.length;
    const fault = await refusal(
      appendEntries(store.db, store.clock, id, [entry('noteWritten', { text: 'a' }), ahead(121_000)]),
    );
    expect(fault).toMatchObject({ status: 422, errors: [{ path: 'entries[1].at' }] });
    expect(Number.isNaN(Date.parse(fault?.serverTime ?? ''))).toBe(false);
    expect((await jobLog(store.db, id)).entries).toHaveLength(last);
    expect(await refusal(appendEntries(store.db, store.clock, id, [ahead(60_000)]))).toBeNull();
  });
  it('is no matter for a file that is taken in: what it proved is history', async () => {
    const id = await yard(proof);
    const file = await exportJob(store.db, store.files, id);
    const later = file.entries.map((one) => ({ ...one, at: '2099-01-01T00:00:00Z' }));
    const copy = { ...file, job: { ...file.job, id: v7() }, entries: later };
    const { job } = await importJob(store.db, store.clock, store.files, parseJobFile(JSON.parse(JSON.stringify(copy))));
    expect(job.circuits[0]?.proofs).toMatchObject([{ stands: false, why: 'imported' }]);
    const { entries } = await jobLog(store.db, copy.job.id);
    expect(entries.every(({ imported }) => imported === true)).toBe(true);
    // Exported again and again, it comes in all the same
    const again = await exportJob(store.db, store.files, copy.job.id);
    expect(() => parseJobFile(JSON.parse(JSON.stringify(again)))).not.toThrow();
  });
});

describe('what a device had seen', () => {
  it('is kept with the entry, and belongs to its content', async () => {
    const id = await yard();
    const note: NewEntry = { ...entry('noteWritten', { text: 'seen' }), seen: 2 };
    await appendEntries(store.db, store.clock, id, [note]);
    expect((await jobLog(store.db, id)).entries.at(-1)?.seen).toBe(2);
    expect(await refusal(appendEntries(store.db, store.clock, id, [note]))).toBeNull();
    expect(await refusal(appendEntries(store.db, store.clock, id, [{ ...note, seen: 3 }]))).toMatchObject({
      status: 409,
    });
  });
});

describe('a proof that can’t be one', () => {
  const written = (data: object): { readonly status: number; readonly path: string | undefined } | null => {
    const one = { id: v7(), at: '2026-03-04T09:00:00Z', by: { id: 'i', name: 'I' }, kind: 'deadProved', data };
    try {
      parseEntries({ entries: [one] });
      return null;
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error;
      return { status: error.status, path: error.errors[0]?.path };
    }
  };
  const whole = { circuitId: 'c', placeId: 'box', ...DEAD_MAINS };
  it.each([
    ['a figure that is missing', { ...whole, hotGroundVolts: undefined }, 'entries[0].data.hotGroundVolts'],
    ['a negative figure', { ...whole, hotNeutralVolts: -3 }, 'entries[0].data.hotNeutralVolts'],
    ['text for a figure', { ...whole, neutralGroundVolts: 'none' }, 'entries[0].data.neutralGroundVolts'],
    ['no figure at all', { ...whole, hotNeutralVolts: NaN }, 'entries[0].data.hotNeutralVolts'],
    ['an empty place', { ...whole, placeId: '' }, 'entries[0].data.placeId'],
    ['another weight', { ...whole, weight: 'some' }, 'entries[0].data.weight'],
  ])('is refused for %s, where it stands', (_, data, path) => {
    const json: unknown = JSON.parse(JSON.stringify(data));
    expect(written(json as object)?.path).toBe(path);
  });
  it('is taken for what it says otherwise', () => expect(written(whole)).toBeNull());
  it.each([
    ['a guard without a name', 'breakerGuarded', { circuitId: 'c', guard: 'watched' }, 'entries[0].data.guardedBy'],
    ['a reason that is none', 'bellExplained', { supplyId: 's', reason: '  ' }, 'entries[0].data.reason'],
    ['an answer without words', 'placeCleared', { placeId: 'box', words: '' }, 'entries[0].data.words'],
    ['a number that was seen and is none', 'noteWritten', { text: 'x' }, 'entries[0].seen'],
  ])('nor is %s', (name, kind, data, path) => {
    const seen = name.includes('seen') ? { seen: -1 } : {};
    const one = { id: v7(), at: '2026-03-04T09:00:00Z', by: { id: 'i', name: 'I' }, kind, data, ...seen };
    let fault: unknown = null;
    try {
      parseEntries({ entries: [one] });
    } catch (error) {
      fault = error;
    }
    expect(fault).toMatchObject({ errors: [{ path }] });
  });
});

describe('the crew', () => {
  it('says who holds a licence, and says it anew', async () => {
    const { made, member } = await addToCrew(store.db, { id: 'rea', name: 'Rea', licensed: undefined });
    expect({ made, member }).toEqual({ made: true, member: { id: 'rea', name: 'Rea', licensed: false } });
    expect(await isLicensed(store.db, 'rea')).toBe(false);
    expect((await addToCrew(store.db, { id: 'rea', name: 'Rea', licensed: true })).made).toBe(false);
    expect(await isLicensed(store.db, 'rea')).toBe(true);
    // The same again without a word of it leaves it as it stands
    await addToCrew(store.db, { id: 'rea', name: 'Rea', licensed: undefined });
    expect((await listCrew(store.db)).find(({ id }) => id === 'rea')?.licensed).toBe(true);
    expect(await isLicensed(store.db, 'nobody')).toBe(false);
  });
});
