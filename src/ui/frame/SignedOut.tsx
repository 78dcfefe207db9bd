'use client';
import { frameWords } from '@/words/screens';
import { usePathname } from 'next/navigation';
import { useEffect, useSyncExternalStore } from 'react';
import { forgetKept } from '../log/forgetKept';
import { onSignedOut, signedOutNow } from '../log/signedOut';

/** Tells that the device is not signed in any more: the page stays as it is, and what is written waits. */
export function SignedOut() {
  const isOut = useSyncExternalStore(onSignedOut, signedOutNow, () => false);
  const path = usePathname();
  useEffect(() => {
    // A phone that was cut off tells nothing of the firm any more; what was written on it and waits stays
    if (isOut) forgetKept().catch((error: unknown) => console.warn(error));
  }, [isOut]);
  if (!isOut) return null;
  return (
    <p className="told-above signed-out" role="status">
      {frameWords.signedOut}{' '}
      <a href={`/sign-in?${new URLSearchParams({ to: path }).toString()}`}>{frameWords.signInAgain}</a>
    </p>
  );
}
