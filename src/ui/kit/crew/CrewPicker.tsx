'use client';
import { useCrew } from './CrewContext';

/** Whose hand writes the entries. */
export function CrewPicker() {
  const { crew, who, pick } = useCrew();
  if (!who) return null;
  return (
    <select className="crew" aria-label="Who is at work" value={who.id} onChange={(event) => pick(event.target.value)}>
      {crew.map((person) => (
        <option key={person.id} value={person.id}>
          {person.name}
        </option>
      ))}
    </select>
  );
}
