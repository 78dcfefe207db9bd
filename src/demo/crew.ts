import type { CrewMember, Person } from '@/core/kinds';

export const INES: Person = { id: 'ines', name: 'Ines' };
export const TOMAS: Person = { id: 'tomas', name: 'Tomas' };
export const CREW: readonly CrewMember[] = [
  { ...INES, licensed: false },
  { ...TOMAS, licensed: true },
];
