import { expose } from 'comlink';
import {
  debriefer,
  findersWay,
  movesOf,
  roundFor,
  type BenchAct,
  type FindersAct,
  type Move,
  type RoundAsked,
} from '@/core/practice';

/** What is being told, one after the other. */
let moves: Iterator<Move> | null = null;
let way: Iterator<FindersAct> | null = null;

/** Takes a round up: what each move was good for, and what the finder would have done, is then asked for one by one. */
function begin(asked: RoundAsked, acts: readonly BenchAct[]): void {
  const round = roundFor(asked);
  if (!round) throw new TypeError('there is no such house');
  const finder = debriefer(round);
  moves = movesOf(round, acts, finder);
  way = findersWay(round, finder);
}

const next = <T>(of: Iterator<T> | null): T | null => {
  const one = of?.next();
  return one && !one.done ? one.value : null;
};

const api = { begin, nextMove: () => next(moves), nextAct: () => next(way) };
export type DebriefWorker = typeof api;
expose(api);
