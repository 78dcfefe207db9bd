import type { Asker, Guard, Mark } from '../isolation';
import type { Job } from '../job/job';
import type { NextMove } from '../kinds/rungs';
import { said, type Text } from '../said';
import type { Assessment } from './doorbell/assessment';
import { nextMove } from './nextMove';
import { pointSteps } from './planOf';
import type { Point } from './point';
import { plugAt } from './stateAt';
import { circuitsOfPoint } from './supplyOf';

/** A circuit that is not on yet, and on whose word. */
export interface StillOff {
  readonly circuitId: string;
  readonly way: Text;
  /** Who turned it off, and when; null: nobody knows how it stands. */
  readonly since: Mark | null;
  readonly tagged: boolean;
  readonly guard: Guard | null;
}

/** A point before and after it is switched on. */
export interface PowerUp {
  readonly off: readonly StillOff[];
  /** Steps of Wire that nobody ticked: what may still be open. */
  readonly openSteps: number;
  /** Since when all that feeds it is on, ISO 8601; null while something is off, or nobody said. */
  readonly onSince: string | null;
}

/** The later of two moments. */
const later = (a: string | null, b: string | null): string | null =>
  a === null || (b !== null && Date.parse(b) > Date.parse(a)) ? b : a;

function pluggedInAt(job: Job, point: Point): string | null {
  const plug = plugAt(job, point);
  if (plug && 'since' in plug && plug.state === 'in' && plug.since) return plug.since.at;
  return pointSteps(point).reduce<string | null>(
    (last, { id, plugsIn }) => (plugsIn ? later(last, point.ticks[id]?.at ?? null) : last),
    null,
  );
}

/** What is off yet and on whose word; what is open yet; since when it is on. */
export function powerUpOf(job: Job, point: Point): PowerUp {
  const circuits = circuitsOfPoint(job, point);
  const off = circuits.flatMap(({ id, way, name, state }): readonly StillOff[] =>
    state.state === 'live'
      ? []
      : [
          {
            circuitId: id,
            way: way ?? name ?? said('theCircuit'),
            since: state.state === 'unknown' ? null : state.since,
            tagged: state.state !== 'unknown' && state.tagged,
            guard: state.state === 'unknown' ? null : state.guard,
          },
        ],
  );
  const switchedOn = circuits.reduce<string | null>(
    (last, { state }) => (state.state === 'live' ? later(last, state.since.at) : last),
    null,
  );
  return {
    off,
    openSteps: pointSteps(point).filter(({ id }) => !(id in point.ticks)).length,
    onSince: off.length > 0 ? null : circuits.length > 0 ? switchedOn : pluggedInAt(job, point),
  };
}

/** Another point of the job at which something can be done while this one is waited for; null where none waits. */
export function meanwhile(
  job: Job,
  point: Point,
  who: Asker,
  assessmentOf: (other: Point) => Assessment,
): { readonly point: Point; readonly move: NextMove } | null {
  for (const other of job.points) {
    if (other.id === point.id || other.left) continue;
    const move = nextMove(job, other, assessmentOf(other), who);
    if (!move.held) return { point: other, move };
  }
  return null;
}
