'use client';
import { answer, isPerson } from '@/contract/answers';
import { createContext, useCallback, useContext, useMemo, useState, useSyncExternalStore, type ReactNode } from 'react';
import type { Person } from '@/core/kinds';
import { call } from '../log/api';
import { v7 } from 'uuid';

interface Crew {
  readonly crew: readonly Person[];
  /** Who is at work on this machine; null where nobody has said a name yet. */
  readonly who: Person | null;
  readonly pick: (id: string) => void;
  readonly add: (name: string) => Promise<void>;
}

const CrewContext = createContext<Crew | null>(null);

const KEY = 'fox-ladder-who';
const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** Knows the crew and who of them is at work here. */
export function CrewProvider({
  crew: first,
  children,
}: {
  readonly crew: readonly Person[];
  readonly children: ReactNode;
}) {
  const [crew, setCrew] = useState(first);
  const picked = useSyncExternalStore(
    subscribe,
    () => localStorage.getItem(KEY),
    () => null,
  );
  const who = crew.find(({ id }) => id === picked) ?? crew[0] ?? null;
  const pick = useCallback((id: string) => {
    localStorage.setItem(KEY, id);
    listeners.forEach((listener) => listener());
  }, []);
  const add = useCallback(
    async (name: string) => {
      const person = await call('/crew', answer(isPerson), { method: 'POST', body: { id: v7(), name } });
      setCrew((others) => [...others, person]);
      pick(person.id);
    },
    [pick],
  );
  const value = useMemo(() => ({ crew, who, pick, add }), [crew, who, pick, add]);
  return <CrewContext value={value}>{children}</CrewContext>;
}

export function useCrew(): Crew {
  const crew = useContext(CrewContext);
  if (!crew) throw new Error('useCrew outside CrewProvider');
  return crew;
}
