'use client';
import { frameWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { useEffect, useState } from 'react';
import { Button } from 'react-bootstrap';
import { lostHere, readLost, type Lost } from '../log/lostHere';
import { onWaitingCount } from '../log/shelf';

/** Tells that the browser threw away what waited on it: until somebody has read it. */
export function LostHere() {
  const [lost, setLost] = useState<Lost | null>(null);
  useEffect(
    () =>
      onWaitingCount((waiting, photos) => {
        lostHere(waiting, photos).then(setLost, (error: unknown) => console.warn(error));
      }),
    [],
  );
  if (!lost) return null;
  const { count, photos, since } = lost;
  const read = (): void => {
    setLost(null);
    readLost().catch((error: unknown) => console.warn(error));
  };
  return (
    <p className="told-above lost-here" role="alert">
      {frameWords.lostHere({ count, photos, since: format(parseISO(since), 'd MMM HH:mm') })}{' '}
      <Button variant="link" onClick={read}>
        {frameWords.lostRead}
      </Button>
    </p>
  );
}
