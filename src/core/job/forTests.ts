import { DEVICES, TRANSFORMERS } from '../catalogue';
import { fold } from './fold';
import type { Doorbell } from '../points/doorbell/doorbell';
import type { Floodlight } from '../points/floodlight/floodlight';
import type { Asker } from '../isolation';
import type { Point } from '../points/point';
import type { Job } from './job';
import { newEntry } from '../kinds/newEntry';
import type { Entry, EntryData, EntryKind, Person } from '../kinds/register';

export const INES: Person = { id: 'ines', name: 'Ines' };
export const TOMAS: Person = { id: 'tomas', name: 'Tomas' };

/** Somebody who asks the gate; without a time nobody is taken for away. */
export const asked = (id: string, at = 0): Asker => ({ id, at, ownProofs: null });

export function asDoor(point: Point | undefined): Doorbell {
  if (point?.kind !== 'doorbell') throw new Error('no door');
  return point;
}

export function asFloodlight(point: Point | undefined): Floodlight {
  if (point?.kind !== 'floodlight') throw new Error('no floodlight');
  return point;
}

/** A second for each line, from nine in the morning. */
export const timeOf = (seq: number): string => new Date(Date.parse('2026-03-04T09:00:00Z') + seq * 1000).toISOString();

/** A log that a test writes line by line; entry n has the id `en`. */
export class TestLog {
  readonly entries: Entry[] = [];

  write<K extends EntryKind>(kind: K, data: EntryData<K>, by: Person = INES, corrects?: string): this {
    const seq = this.entries.length + 1;
    const at = timeOf(seq);
    this.entries.push({ ...newEntry(kind, data, { id: `e${seq}`, at, by }, corrects), seq, receivedAt: at });
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

  get door(): Doorbell {
    return asDoor(this.point);
  }

  get last(): string {
    return `e${this.entries.length}`;
  }
}

/** A log with one point, `p`. */
export const startedLog = (): TestLog =>
  new TestLog().write('siteDescribed', { region: 'na-120', lengths: 'metric' }).write('pointAdded', {
    pointId: 'p',
    pointKind: 'doorbell',
    name: 'Front door',
    supplyId: 'p',
    chimeId: 'p',
    boxId: 'p',
  });

/** The first device of the catalogue, with its first transformer of a kind. */
export function withTransformer(pointId: string, fit: 'onBox' | 'dinRail' | 'plugIn'): EntryData<'choiceMade'> {
  const found = TRANSFORMERS.find((one) => one.fit === fit);
  const [device] = DEVICES;
  if (!found || !device) throw new Error('an empty catalogue');
  const { id, name, ratedVolts, ratedVa, mainsWork } = found;
  return {
    pointId,
    device,
    transformer: { id, name, ratedVolts, ratedVa, mainsWork, fit },
    treatmentId: 'powerModule',
    joinPairs: false,
    reason: null,
    verdict: 'holds',
    belief: 1,
    governing: 'liveNight',
    governingVolts: 16,
    marginVolts: 1.5,
  };
}
