import type { Asker, CircuitState, PlugState, StandingProof } from '../isolation';
import type { Job } from '../job/job';
import type { Circuit } from '../house/circuits';
import { placesOf } from './places';
import type { PointView } from './pointView';
import { mainPlaceOf } from './supplyOf';

/** Proofs of a circuit that stand where a point has conductors. */
export function proofsAt({ hangs }: Pick<PointView, 'hangs'>, { proofs }: Circuit): readonly StandingProof[] {
  const places = placesOf(hangs);
  return proofs.filter(({ stands, placeId }) => stands && placeId !== null && places.includes(placeId));
}

/** The state of a circuit as it is at a point: proved dead only where it was proved. */
export function stateAt(point: Pick<PointView, 'hangs'>, circuit: Circuit): CircuitState {
  const { state } = circuit;
  return state.state === 'provedDead' && proofsAt(point, circuit).length === 0 ? { ...state, state: 'off' } : state;
}

/** How the plug that feeds a point stands: a new one is kept out until all is wired. Null: it hangs on none. */
export function plugAt(
  { isolation }: Pick<Job, 'isolation'>,
  point: Pick<PointView, 'hangs' | 'fed'>,
): PlugState | { readonly state: 'keptOut' } | null {
  if (point.fed.plug === null) return null;
  const seen = isolation.plugOf(mainPlaceOf(point));
  return point.fed.plug === 'new' && seen.state === 'notSeen' ? { state: 'keptOut' } : seen;
}

/** A circuit that somebody has proved dead, and is asked about: were they at it all the time? Null where nobody asks. */
export const askedWhere = ({ circuits, isolation }: Job, who: Asker): Circuit | null =>
  circuits.find(({ proofs }) =>
    proofs.some(
      ({ stands, proof, mark, writtenAt }) =>
        stands &&
        proof.weight === 'mains' &&
        mark.byId === who.id &&
        isolation.isAskedWhere(mark.byId, writtenAt, who.at),
    ),
  ) ?? null;

/** Whether somebody saw a plug out of its outlet, and is asked the same about it. */
export const isAskedOfPlug = ({ points, isolation }: Job, who: Asker): boolean =>
  points.some((point) => {
    const seen = point.fed.plug && isolation.plugOutOf(mainPlaceOf(point), who.id);
    return seen && seen.mark.byId === who.id && isolation.isAskedWhere(seen.mark.byId, seen.moment, who.at);
  });

/** Whether anything that a person saw for themselves holds mains or bell wires open: a mains proof, a plug out. */
export const isAnybodyAtWork = ({ circuits, points, isolation }: Job): boolean =>
  circuits.some(({ proofs }) => proofs.some(({ stands, proof }) => stands && proof.weight === 'mains')) ||
  points.some((point) => point.fed.plug && isolation.plugOutOf(mainPlaceOf(point), null));
