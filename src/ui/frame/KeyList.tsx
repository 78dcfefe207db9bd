'use client';
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
      <button type="button" className="button quiet keys" aria-label="List of keys" onClick={show}>
        <kbd>?</kbd>
      </button>
      {asked && (
        <Suspense>
          <KeyDialog open={open} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
