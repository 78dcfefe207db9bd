'use client';
import { frameWords } from '@/words/screens';
import { useEffect, useState } from 'react';
import { Button } from 'react-bootstrap';
import { startWorker } from './serviceWorker';

/** Starts what keeps the program in this browser, and tells of a newer one: it is taken by a tap, never under the hand. */
export function NewVersion() {
  const [take, setTake] = useState<(() => void) | null>(null);
  useEffect(() => startWorker((how) => setTake(() => how)), []);
  if (!take) return null;
  return (
    <p className="told-above new-version" role="status">
      {frameWords.newerThere}{' '}
      <Button variant="link" onClick={take}>
        {frameWords.takeIt}
      </Button>
    </p>
  );
}
