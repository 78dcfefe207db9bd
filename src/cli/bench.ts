import { closeSync, fsyncSync, mkdtempSync, openSync, rmSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { breakerHunt, huntOnFoot, type HuntWay } from '@/core/isolation';
import { fold } from '@/core/job';
import { newEntry, type EntryData, type EntryKind } from '@/core/kinds';
import { assess } from '@/core/points';
import { add, complex, divide, magnitude, operatingPoint, subtract, type Loop } from '@/core/circuit';
import { INES } from '@/demo/crew';
import { demoJobs } from '@/demo/demoFirm';
import { appendEntries, createJob } from '@/server/jobs/entryStore';
import { jobLog } from '@/server/jobs/jobLog';
import { broughtUp } from '@/server/projection/soon';
import { openStore } from '@/server/store';
import { benchBox } from './benchBox';
import { benchArchive } from './benchArchive';
import { benchPapers } from './benchPapers';
import { benchYard } from './benchYard';
import { benchGate } from './benchGate';
import { benchLongLogs, benchReadings } from './benchLog';
import { benchRows } from './benchRows';
import { line, ms, share, timesOf } from './measured';

// Speed figures of the core and of the log, beside plain versions in the same run. Nothing here is asserted.
const loopOf = (watts: number): Loop => ({
  source: { openCircuitVolts: 19.4, seriesOhms: 3.1 },
  toChimeOhms: 0.6,
  toDoorOhms: 0.8,
  chime: { treatment: 'shunt', ohms: 6, reactanceOhms: 8, shuntOhms: 1 },
  load: { kind: 'power', watts, powerFactor: 0.75, displacementFactor: 1 },
});

/** The same point as one would write it first: guess the volts, work out the current, and again until it stands still. */
function plainPoint(watts: number): number {
  const shunt = divide(complex(6, 8), complex(7, 8));
  const whole = add(complex(4.5), shunt);
  const emf = complex(19.4);
  let door = emf;
  for (let i = 0; i < 200; i++) {
    const amps = watts / 0.75 / magnitude(door);
    const next = subtract(emf, { re: whole.re * amps, im: whole.im * amps });
    if (Math.abs(magnitude(next) - magnitude(door)) < 1e-12) break;
    door = next;
  }
  return magnitude(door);
}

function benchCore(): void {
  const COUNT = 100_000;
  let sum = 0;
  const ours = share(
    timesOf(5, () => {
      for (let i = 0; i < COUNT; i++) sum += operatingPoint(loopOf(2 + (i % 40) / 10)).doorVolts ?? 0;
    }),
    0.5,
  );
  const plain = share(
    timesOf(5, () => {
      for (let i = 0; i < COUNT; i++) sum += plainPoint(2 + (i % 40) / 10);
    }),
    0.5,
  );
  if (!(sum > 0)) throw new Error('the loops gave no volts');
  line('operating points of the loop, closed form', `${(COUNT / ours / 1000).toFixed(2)} million/s`);
  line(
    '  the same by iteration',
    `${(COUNT / plain / 1000).toFixed(2)} million/s, ${(plain / ours).toFixed(1)} times as slow`,
  );
}

function benchEstimate(): void {
  let ids = 0;
  const jobs = demoJobs(
    () => `bench-${++ids}`,
    (days, hour) => Date.UTC(2026, 2, 10 + days, hour),
  );
  for (const { title, entries } of jobs.filter(({ title: one }) => /Tern|Sandpiper|Marram|Cormorant/.test(one))) {
    const job = fold({ id: 'bench', title, createdAt: '' }, entries);
    const [point] = job.points;
    if (point?.kind !== 'doorbell') continue;
    const times = timesOf(20, () => assess(job, point));
    line(
      `keystroke to new figures, ${point.readings.length} readings (${title})`,
      `p50 ${ms(share(times, 0.5))}, p95 ${ms(share(times, 0.95))}`,
    );
  }
}

async function benchLog(): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-bench-'));
  const { db, clock } = await openStore(folder);
  const id = clock.newId();
  await createJob(db, clock, { id, at: clock.now(), by: INES, title: 'Bench' });
  const write = async <K extends EntryKind>(kind: K, data: EntryData<K>): Promise<number> => {
    const entry = newEntry(kind, data, { id: clock.newId(), at: clock.now(), by: INES });
    const start = performance.now();
    await appendEntries(db, clock, id, [entry]);
    return performance.now() - start;
  };
  await write('pointAdded', {
    pointId: 'front',
    pointKind: 'doorbell',
    name: 'Front door',
    supplyId: 'front',
    chimeId: 'front',
    boxId: 'front',
  });
  await write('transformerDescribed', { supplyId: 'front', ratedVolts: 16, ratedVa: 10 });
  const appends: number[] = [];
  for (let i = 0; i < 498; i++) appends.push(await write('noteWritten', { text: `note ${i}` }));
  appends.sort((a, b) => a - b);
  const file = openSync(path.join(folder, 'bare'), 'w');
  const bare = timesOf(200, () => {
    writeSync(file, 'x'.repeat(400));
    fsyncSync(file);
  });
  closeSync(file);
  line(
    'durable append of one entry',
    `p50 ${ms(share(appends, 0.5))}, p95 ${ms(share(appends, 0.95))}; ${(share(appends, 0.5) / share(bare, 0.5)).toFixed(1)} bare fsyncs`,
  );
  line('  a bare write and fsync', `p50 ${ms(share(bare, 0.5))}, p95 ${ms(share(bare, 0.95))}`);
  const opened: number[] = [];
  for (let i = 0; i < 20; i++) {
    const start = performance.now();
    const { head, entries } = await jobLog(db, id);
    const job = fold(head, entries);
    const [point] = job.points;
    if (point) assess(job, point);
    opened.push(performance.now() - start);
  }
  opened.sort((a, b) => a - b);
  line(
    'opening a job of 500 entries: read, fold, judge',
    `p50 ${ms(share(opened, 0.5))}, p95 ${ms(share(opened, 0.95))}`,
  );
  await broughtUp(db);
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
}

function benchHunt(): void {
  const ways = Array.from({ length: 60 }, (_, i): HuntWay => ({
    id: `w${i}`,
    probability: 1 + ((i * 37) % 23),
    doNotDrop: i % 13 === 5,
  }));
  const optimum = timesOf(50, () => breakerHunt(ways, []));
  const onFoot = timesOf(20, () => huntOnFoot(ways, [], { perTest: 3, perWay: 0.3 }));
  const tests = breakerHunt(ways, [])?.expectedTests ?? NaN;
  line('breaker hunt over 60 ways, least tests', `p50 ${ms(share(optimum, 0.5))}, p95 ${ms(share(optimum, 0.95))}`);
  line('  weighing walks and switches', `p50 ${ms(share(onFoot, 0.5))}, p95 ${ms(share(onFoot, 0.95))}`);
  line('  expected tests, beside halving', `${tests.toFixed(2)}, ${Math.log2(60).toFixed(2)}`);
}

benchCore();
benchHunt();
benchBox();
benchYard();
benchGate();
benchRows();
benchEstimate();
await benchLog();
await benchLongLogs();
await benchReadings();
await benchPapers();
await benchArchive();
