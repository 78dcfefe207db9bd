import { useEffect, useState } from 'react';
import { asideOf, dropAside, onAside, type Aside } from './shelf';

/** What was set aside of a job in this browser. */
export function useAside(jobId: string): { readonly items: readonly Aside[]; readonly throwAway: () => void } {
  const [items, setItems] = useState<readonly Aside[]>([]);
  useEffect(() => onAside(jobId, () => void asideOf(jobId).then(setItems, () => undefined)), [jobId]);
  return { items, throwAway: () => void dropAside(jobId) };
}
