import { answer } from '@/contract/answers';
import { actsOf, isPlayedRound, type PlayedRound } from '@/contract/practice';
import { isFields, isFigure, isOneOf, isText } from '@/contract/shapes';
import { LEVELS, type BenchAct, type Level } from '@/core/practice';
import { call, Refused } from '../log/api';

/** A round that was played to its end, as it is sent to be kept. */
export interface EndedRound {
  readonly id: string;
  readonly byId: string;
  readonly level: Level;
  readonly seed: number;
  /** Null: not worked out yet. */
  readonly bestMinutes: number | null;
  readonly acts: readonly BenchAct[];
}

const KEY = 'fox-ladder-practice-waiting';

function endedOf(value: unknown): EndedRound | null {
  if (!isFields(value)) return null;
  const { id, byId, level, seed, bestMinutes } = value;
  const acts = actsOf(value.acts);
  return isText(id) &&
    isText(byId) &&
    isOneOf(LEVELS)(level) &&
    isFigure(seed) &&
    (bestMinutes === null || isFigure(bestMinutes)) &&
    acts
    ? { id, byId, level, seed, bestMinutes, acts }
    : null;
}

/** Rounds that the server has not taken yet; what this version does not understand is none. */
function waitingRounds(): readonly EndedRound[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(kept) ? kept.flatMap((one) => endedOf(one) ?? []) : [];
  } catch {
    return [];
  }
}

function keepWaiting(rounds: readonly EndedRound[]): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(rounds));
  } catch (error) {
    // A browser that keeps nothing sends what it can
    console.warn(error);
  }
}

/** Sends a round; it stands on the browser’s shelf until the server has it. @throws NotTaken */
export async function sendRound(round: EndedRound): Promise<PlayedRound> {
  const others = (): readonly EndedRound[] => waitingRounds().filter(({ id }) => id !== round.id);
  keepWaiting([...others(), round]);
  try {
    const kept = await call('/practice', answer(isPlayedRound), { method: 'POST', body: round });
    keepWaiting(others());
    return kept;
  } catch (error) {
    // What is refused will be refused again
    if (error instanceof Refused) keepWaiting(others());
    throw error;
  }
}

/** Sends what waits from before. @param onKept called with each that was taken */
export async function sendWaiting(onKept: (round: PlayedRound) => void): Promise<void> {
  for (const round of waitingRounds())
    try {
      onKept(await sendRound(round));
    } catch (error) {
      console.warn(error);
      if (!(error instanceof Refused)) return;
    }
}
