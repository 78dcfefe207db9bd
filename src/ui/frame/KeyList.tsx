'use client';
import { frameWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { Suspense, lazy, useState } from 'react';
import { useKeys } from './useKeys';

const KeyDialog = lazy(() => import('./KeyDialog').then(({ KeyDialog: Dialog }) => ({ default: Dialog })));

/** The list of keys, by its own key and by a button. */
export function KeyList() {
  const [open, setOpen] = useState(false);
  const [asked, setAsked] = useState(false);
  const show = () => {
    setAsked(true);
    setOpen(true);
  };
  useKeys({ '?': show });
  return (
    <>
      <Button variant="link" className="keys" aria-label={frameWords.listOfKeys} onClick={show}>
        <kbd>?</kbd>
      </Button>
      {asked && (
        <Suspense>
          <KeyDialog open={open} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
