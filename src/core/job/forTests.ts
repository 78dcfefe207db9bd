import { fold } from './fold';
import type { Job, Point } from './job';
import type { Entry, EntryData, EntryKind, Person } from './kinds';

export const INES: Person = { id: 'ines', name: 'Ines' };
export const TOMAS: Person = { id: 'tomas', name: 'Tomas' };

/** A log that a test writes line by line; entry n has the id `en`. */
export class TestLog {
  readonly entries: Entry[] = [];

  write<K extends EntryKind>(kind: K, data: EntryData<K>, by: Person = INES, corrects?: string): this {
    const seq = this.entries.length + 1;
    const at = '2026-03-04T09:00:00Z';
    // The caller's types have tied kind and data together
    const entry = { id: `e${seq}`, at, by, kind, data, seq, receivedAt: at, ...(corrects ? { corrects } : {}) };
    this.entries.push(entry as Entry);
    return this;
  }

  get job(): Job {
    return fold({ id: 'j', title: 'Tern Cottage', createdAt: '2026-03-04T08:00:00Z' }, this.entries);
  }

  get point(): Point {
    const [point] = this.job.points;
    if (!point) throw new Error('no point');
    return point;
  }

  get last(): string {
    return `e${this.entries.length}`;
  }
}

/** A log with one point, `p`. */
export const startedLog = (): TestLog =>
  new TestLog()
    .write('siteDescribed', { region: 'na-120', lengths: 'metric' })
    .write('pointAdded', { pointId: 'p', pointKind: 'doorbell', name: 'Front door' });
