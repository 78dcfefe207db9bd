'use client';
import { answer, isCrewMember } from '@/contract/answers';
import { createContext, useCallback, useContext, useMemo, useState, useSyncExternalStore, type ReactNode } from 'react';
import type { CrewMember, Person } from '@/core/kinds';
import { call } from '../log/api';
import { v7 } from 'uuid';

interface Crew {
  readonly crew: readonly CrewMember[];
  /** Who is at work on this machine; null where nobody has said a name yet. */
  readonly who: Person | null;
  /** They are signed in: who it is is no choice. */
  readonly isSigned: boolean;
  /** Whether they hold a licence. */
  readonly licensed: boolean;
  readonly pick: (id: string) => void;
  /** When another person was picked on this machine last, ms since 1970, as text; 0 where nobody was. */
  readonly changes: string;
  readonly add: (name: string) => Promise<void>;
  /** Says whether somebody holds a licence. */
  readonly license: (person: CrewMember, licensed: boolean) => Promise<void>;
}

const CrewContext = createContext<Crew | null>(null);

const KEY = 'fox-ladder-who';
const CHANGES_KEY = 'fox-ladder-who-changes';
const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  // Whoever is picked in another tab is at work in this one too
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
};

/** Knows the crew and who of them is at work here. */
export function CrewProvider({
  crew: first,
  own,
  children,
}: {
  readonly crew: readonly CrewMember[];
  /** Who is signed in: nobody else writes here. Null where nobody signs in. */
  readonly own: string | null;
  readonly children: ReactNode;
}) {
  const [crew, setCrew] = useState(first);
  const picked = useSyncExternalStore(
    subscribe,
    () => localStorage.getItem(KEY),
    () => null,
  );
  // Nobody writes, and proves, in another one’s name by default; who is alone in the firm is nobody else
  const alone = crew.length === 1 ? crew[0] : undefined;
  const member = crew.find(({ id }) => id === (own ?? picked)) ?? (own === null ? alone : null) ?? null;
  const licensed = member?.licensed ?? false;
  // What an entry says of its writer: a name and an id, nothing more
  const [id, name] = [member?.id, member?.name];
  const who = useMemo(() => (id === undefined || name === undefined ? null : { id, name }), [id, name]);
  const changes = useSyncExternalStore(
    subscribe,
    () => localStorage.getItem(CHANGES_KEY) ?? '0',
    () => '0',
  );
  const at = who?.id;
  const pick = useCallback(
    (id: string) => {
      // The person first: another tab that hears of the change then knows who it is
      localStorage.setItem(KEY, id);
      if (at !== undefined && id !== at) localStorage.setItem(CHANGES_KEY, String(Date.now()));
      listeners.forEach((listener) => listener());
    },
    [at],
  );
  const add = useCallback(
    async (name: string) => {
      const person = await call('/crew', answer(isCrewMember), { method: 'POST', body: { id: v7(), name } });
      setCrew((others) => [...others, person]);
      pick(person.id);
    },
    [pick],
  );
  const license = useCallback(async (one: CrewMember, holds: boolean) => {
    const body = { id: one.id, name: one.name, licensed: holds };
    const person = await call('/crew', answer(isCrewMember), { method: 'POST', body });
    setCrew((all) => all.map((other) => (other.id === person.id ? person : other)));
  }, []);
  const value = useMemo(
    () => ({ crew, who, isSigned: own !== null, licensed, pick, changes, add, license }),
    [crew, who, own, licensed, pick, changes, add, license],
  );
  return <CrewContext value={value}>{children}</CrewContext>;
}

export function useCrew(): Crew {
  const crew = useContext(CrewContext);
  if (!crew) throw new Error('useCrew outside CrewProvider');
  return crew;
}
