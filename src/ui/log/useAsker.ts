import { useEffect, useMemo, useState } from 'react';
import type { Asker } from '@/core/isolation';
import type { CrewMember } from '@/core/kinds';
import { now } from './clock';

/** So often it is looked whether somebody was away for too long. */
const LOOK_MS = 15_000;

/**
 * Who asks the gate from this screen, and when.
 * @param written when the last entry was written, ms since 1970
 * @param ownProofs what was written here, while the server is away
 */
export function useAsker(who: CrewMember | null, written: number, ownProofs: ReadonlySet<string> | null): Asker {
  const [at, setAt] = useState(now);
  useEffect(() => {
    const timer = setInterval(() => setAt(now()), LOOK_MS);
    return () => clearInterval(timer);
  }, []);
  const latest = Math.max(at, written);
  return useMemo(
    () => ({ id: who?.id ?? null, at: latest, ownProofs, licensed: who?.licensed ?? false }),
    [who, latest, ownProofs],
  );
}
