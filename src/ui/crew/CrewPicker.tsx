'use client';
import { frameWords } from '@/words/screens';
import { Button, Form } from 'react-bootstrap';
import { useState } from 'react';
import { NotTaken } from '../log/api';
import { useCrew } from './CrewContext';
import { SignedIn } from './SignedIn';

const SOMEBODY_ELSE = '+';

/** Whose hand writes the entries; where nobody is named yet, the place to say it. */
export function CrewPicker() {
  const { crew, who, isSigned, pick } = useCrew();
  const [naming, setNaming] = useState(false);
  if (isSigned) return <SignedIn name={who?.name ?? ''} />;
  if (naming || crew.length === 0) return <NameForm onDone={() => setNaming(false)} />;
  return (
    <Form.Select
      className="crew"
      aria-label={frameWords.whoIsAtWork}
      value={who?.id ?? ''}
      onChange={({ target }) => (target.value === SOMEBODY_ELSE ? setNaming(true) : pick(target.value))}
    >
      {!who && (
        <option value="" disabled>
          {frameWords.whoIsAtWork2}
        </option>
      )}
      {crew.map((person) => (
        <option key={person.id} value={person.id}>
          {person.name}
        </option>
      ))}
      <option value={SOMEBODY_ELSE}>{frameWords.somebodyElse}</option>
    </Form.Select>
  );
}

function NameForm({ onDone }: { readonly onDone: () => void }) {
  const { who, add } = useCrew();
  const [name, setName] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const send = async () => {
    if (name.trim() === '') return setFault(frameWords.typeAName);
    try {
      await add(name.trim());
    } catch (error) {
      if (!(error instanceof NotTaken)) throw error;
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
      <Form.Control
        aria-label={frameWords.yourName}
        aria-invalid={fault ? true : undefined}
        placeholder={frameWords.whoIsAtWork2}
        value={name}
        maxLength={120}
        onChange={(event) => setName(event.target.value)}
      />
      <Button type="submit" variant="link">
        {fault ?? frameWords.sayIt}
      </Button>
      {who && (
        <Button variant="link" onClick={onDone}>
          {frameWords.leaveIt}
        </Button>
      )}
    </form>
  );
}
