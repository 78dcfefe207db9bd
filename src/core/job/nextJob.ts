import type { EntryData, EntryKind, Entry, Stated } from '../kinds/register';
import { counts, effectOf } from '../log/effective';
import { inTime } from '../log/moment';
import { buildOf } from '../points/builds';
import { pointSteps } from '../points/planOf';
import type { Point } from '../points/point';
import type { Job } from './job';

/** How facts of a kind are carried over: what names the thing, and which fields. */
interface Carried<K extends EntryKind> {
  readonly of: readonly (keyof EntryData<K> & string)[];
  /** Only these; left out: all. */
  readonly only?: readonly (keyof EntryData<K> & string)[];
  /** All but these: they were true of that visit, or of what was to be bought then. */
  readonly not?: readonly (keyof EntryData<K> & string)[];
}

/**
 * What a later job at a house starts with: what stands there. What was read, chosen, ticked or proved is of its own visit;
 * of live and dead nothing goes over, nor that somebody looked for a second feed and found none.
 */
const CARRIED: { readonly [K in EntryKind]?: Carried<K> } = {
  siteDescribed: { of: [] },
  customerDescribed: { of: [], only: ['name', 'wifiName', 'wifiBand', 'owner', 'sharers'] },
  boardListed: { of: ['boardId'] },
  wayListed: { of: ['boardId', 'way'], not: ['agreed'] },
  thingFound: { of: ['thingId'] },
  pointDescribed: { of: ['pointId'], not: ['cantRead', 'cantHave', 'device', 'deviceId'] },
  transformerDescribed: { of: ['supplyId'] },
  runDescribed: { of: ['run', 'chimeId', 'pointId'] },
  chimeDescribed: { of: ['chimeId'] },
  boxDescribed: { of: ['boxId'] },
  cableDescribed: { of: ['boxId', 'cableId'] },
  outletDescribed: { of: ['pointId'] },
  circuitListed: { of: ['circuitId'], only: ['name', 'way', 'board', 'feeds', 'foundBy', 'namedAs'] },
  targetPlaced: { of: ['pointId', 'targetId'] },
  obstacleStands: { of: ['pointId', 'obstacleId'] },
  approachDescribed: { of: ['pointId'] },
  shapeDrawn: { of: ['shapeId'] },
  planDescribed: { of: [] },
  pointOnPlan: { of: ['pointId'] },
};

type Fields = Readonly<Record<string, unknown>>;
interface Merged {
  readonly kind: EntryKind;
  readonly scope: Fields;
  said: Fields;
}

/** Facts of things, the later word of each; null takes a word back. */
class Facts {
  private readonly all = new Map<string, Merged>();

  say(kind: EntryKind, data: Fields): void {
    const carried: { of: readonly string[]; only?: readonly string[]; not?: readonly string[] } | undefined =
      CARRIED[kind];
    if (!carried) return;
    const scope = Object.fromEntries(carried.of.flatMap((name) => (name in data ? [[name, data[name]]] : [])));
    const said = Object.entries(data).filter(
      ([name]) => !(name in scope) && (carried.only?.includes(name) ?? true) && !(carried.not?.includes(name) ?? false),
    );
    const key = JSON.stringify([kind, scope]);
    const before = this.all.get(key)?.said ?? {};
    this.all.set(key, { kind, scope, said: { ...before, ...Object.fromEntries(said) } });
  }

  /** Nobody knows any more how a thing stands. */
  forget(kind: EntryKind, scope: Fields): void {
    for (const [key, one] of this.all)
      if (one.kind === kind && Object.entries(scope).every(([name, value]) => one.scope[name] === value))
        this.all.delete(key);
  }

  get stated(): readonly Stated[] {
    return [...this.all.values()].flatMap(({ kind, scope, said }) => {
      const stands = Object.entries(said).filter(([, value]) => value !== null && value !== undefined);
      // What came out of entries of a kind is of that kind
      return stands.length === 0 ? [] : [{ kind, data: { ...scope, ...Object.fromEntries(stands) } } as Stated];
    });
  }
}

const pointStands = ({ id: pointId, kind: pointKind, name, hangs }: Point): Stated => ({
  kind: 'pointAdded',
  data: {
    pointId,
    pointKind,
    name,
    ...Object.fromEntries(Object.entries(hangs).filter(([, value]) => value !== null)),
  },
});

/** A plan that is built in part: what stands there is neither what was found nor what was planned. */
const isHalfBuilt = (point: Point): boolean => {
  const ticked = pointSteps(point).filter(({ id }) => id in point.ticks).length;
  return ticked > 0 && ticked < pointSteps(point).length;
};
const isBuilt = (point: Point): boolean => {
  const steps = pointSteps(point);
  return steps.length > 0 && steps.every(({ id }) => id in point.ticks);
};

/** What a later job at the same house starts with. @param on the day it starts, `yyyy-mm-dd` */
export function factsForNext(job: Job, given: readonly Entry[], on: string): readonly Stated[] {
  const entries = inTime(given);
  const effect = effectOf(entries);
  const facts = new Facts();
  for (const entry of entries) if (counts(effect, entry)) facts.say(entry.kind, entry.data);
  for (const point of job.points) {
    const { supplyId, chimeId, boxId } = point.hangs;
    if (isBuilt(point)) for (const { kind, data } of buildOf(point).standsNow(point)) facts.say(kind, data);
    if (!isHalfBuilt(point)) continue;
    facts.forget('transformerDescribed', { supplyId });
    facts.forget('chimeDescribed', { chimeId });
    facts.forget('runDescribed', { pointId: point.id });
    facts.forget('runDescribed', { chimeId });
    facts.forget('cableDescribed', { boxId });
  }
  return [{ kind: 'followsJob', data: { jobId: job.id, on } }, ...job.points.map(pointStands), ...facts.stated];
}
