import { getIP } from 'better-auth/api';
import { sql } from 'kysely';
import { ProblemError } from '@/contract/problem';
import type { Store } from '../storeOf';
import { signIn } from './accounts';

// Tries are counted by the sign-in library, by the address that they come from. What was right was no guess: it is taken back,
// or the ninth of a firm that signs in behind one address waits. Each takes back its own, so nobody who has an account of
// their own gets further guesses at another’s by it.

/** @throws ProblemError 429 after too many tries from one address */
export function holdTries(answered: Response): void {
  if (answered.status !== 429) return;
  throw new ProblemError(429, 'Too many tries from here. Wait a minute, then try again.');
}

/** Takes back a try that was right. @param path of the library, by which it was counted */
export async function takeBackTry(store: Store, request: Request, path: string): Promise<void> {
  const from = getIP(request, signIn(store).options);
  // As the library names its counts
  await sql`UPDATE tries SET count = count - 1 WHERE key = ${`${from}|${path}`} AND count > 0`.execute(store.db);
}
