import { useEffect, useMemo, useState } from 'react';
import type { Asker } from '@/core/isolation';
import { now } from './clock';

/** So often it is looked whether somebody was away for too long. */
const LOOK_MS = 15_000;

/**
 * Who asks the gate from this screen, and when.
 * @param written when the last entry was written, ms since 1970
 * @param ownProofs what was written here, while the server is away
 */
export function useAsker(
  id: string | null,
  licensed: boolean,
  written: number,
  ownProofs: ReadonlySet<string> | null,
): Asker {
  const [at, setAt] = useState(now);
  useEffect(() => {
    const timer = setInterval(() => setAt(now()), LOOK_MS);
    return () => clearInterval(timer);
  }, []);
  const latest = Math.max(at, written);
  return useMemo(() => ({ id, at: latest, ownProofs, licensed }), [id, latest, ownProofs, licensed]);
}
