import { fitted, leadById, wiringBuilt, type Move, type Step, type Wiring } from '../wiring';
import { foundOf, pointSteps } from './planOf';
import type { Point } from './point';
import type { MovedLead } from './pointView';

/** The point’s wiring with the ticked steps done as planned. */
export const builtAsPlanned = (point: Point): Wiring =>
  wiringBuilt(foundOf(point), pointSteps(point), (id) => id in point.ticks);

const moves = (step: Step, lead: string): boolean =>
  step.moves.some((move) => (move.do === 'on' || move.do === 'off' || move.do === 'pull') && move.lead === lead);

/** Deviations that still stand: a step that moves the same lead and was ticked later has put it where it belongs. */
export function standingMoves(point: Point): readonly MovedLead[] {
  const steps = pointSteps(point);
  return point.moved.filter(
    ({ lead, seq }) => !steps.some((step) => (point.ticks[step.id]?.seq ?? 0) > seq && moves(step, lead)),
  );
}

/** One end of a lead elsewhere; the wiring as it was where it does not fit any more. */
function moved(wiring: Wiring, { lead, from, to }: MovedLead): Wiring {
  const known = leadById(wiring, lead);
  if (!known) return wiring;
  const changes: readonly Move[] = [
    ...(from !== null && (known.from === from || known.to === from) ? [{ do: 'off', lead, joint: from } as const] : []),
    ...(to === null ? [] : [{ do: 'on', lead, joint: to } as const]),
  ];
  return fitted(wiring, changes) ?? wiring;
}

/** The point’s wiring as built so far: the ticked steps, then every lead that is elsewhere than planned. */
export const builtOf = (point: Point): Wiring => standingMoves(point).reduce(moved, builtAsPlanned(point));
