'use client';
import { useState } from 'react';
import { Away, Refused } from '../log/api';
import { useCrew } from './CrewContext';

const SOMEBODY_ELSE = '+';

/** Whose hand writes the entries; where nobody is named yet, the place to say it. */
export function CrewPicker() {
  const { crew, who, pick } = useCrew();
  const [naming, setNaming] = useState(false);
  if (!who || naming) return <NameForm onDone={() => setNaming(false)} />;
  return (
    <select
      className="crew"
      aria-label="Who is at work"
      value={who.id}
      onChange={({ target }) => (target.value === SOMEBODY_ELSE ? setNaming(true) : pick(target.value))}
    >
      {crew.map((person) => (
        <option key={person.id} value={person.id}>
          {person.name}
        </option>
      ))}
      <option value={SOMEBODY_ELSE}>somebody else…</option>
    </select>
  );
}

function NameForm({ onDone }: { readonly onDone: () => void }) {
  const { who, add } = useCrew();
  const [name, setName] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const send = async () => {
    if (name.trim() === '') return setFault('Type a name.');
    try {
      await add(name.trim());
    } catch (error) {
      if (!(error instanceof Away) && !(error instanceof Refused)) throw error;
      return setFault(error.message);
    }
    onDone();
  };
  return (
    <form
      className="find who"
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <input
        aria-label="Your name"
        aria-invalid={fault ? true : undefined}
        placeholder="who is at work?"
        value={name}
        maxLength={120}
        onChange={(event) => setName(event.target.value)}
      />
      <button type="submit" className="button quiet">
        {fault ?? 'Say it'}
      </button>
      {who && (
        <button type="button" className="button quiet" onClick={onDone}>
          Leave it
        </button>
      )}
    </form>
  );
}
