import type { Here } from '@/contract/presence';
import { shared } from '../shared';

/** Who has a job open, by its id. It is no fact of the job: it lives as long as their line does. */
const rooms = () => shared('who has which job open', () => new Map<string, Set<Here>>());

/** Somebody opens a job. @returns how they leave it */
export function enter(jobId: string, here: Here): () => void {
  const room = rooms().get(jobId) ?? new Set<Here>();
  rooms().set(jobId, room);
  room.add(here);
  return () => {
    room.delete(here);
    // Who leaves twice clears away nobody else’s room
    if (room.size === 0 && rooms().get(jobId) === room) rooms().delete(jobId);
  };
}

/** Everybody else who has it open, each at a point once. */
export function othersIn(jobId: string, byId: string): readonly Here[] {
  const others = new Map<string, Here>();
  for (const here of rooms().get(jobId) ?? [])
    if (here.byId !== byId) others.set(`${here.byId} ${here.pointId ?? ''}`, here);
  return [...others.entries()].toSorted(([a], [b]) => (a < b ? -1 : 1)).map(([, here]) => here);
}
