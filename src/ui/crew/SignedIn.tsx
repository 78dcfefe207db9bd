'use client';
import { accountsWords } from '@/words/screens';
import { answer } from '@/contract/answers';
import { isSigned } from '@/contract/accountAnswers';
import { LogOut } from 'lucide-react';
import Link from 'next/link';
import { Button } from 'react-bootstrap';
import { call, NotTaken } from '../log/api';
import { forgetKept } from '../log/forgetKept';

/** Whose account it is, and the way out of it. */
export function SignedIn({ name }: { readonly name: string }) {
  const leave = async (): Promise<void> => {
    try {
      await call('/session', answer(isSigned), { method: 'DELETE' });
    } catch (error) {
      // Without the server the device is not signed out there; what it keeps goes all the same
      if (!(error instanceof NotTaken)) throw error;
    }
    // A store that fails keeps nobody signed in
    await forgetKept().catch((error: unknown) => console.warn(error));
    window.location.assign('/sign-in');
  };
  return (
    <span className="signed-in">
      <Link href="/accounts">{name}</Link>
      <Button
        variant="link"
        aria-label={accountsWords.signOut}
        title={accountsWords.signOut}
        onClick={() => void leave()}
      >
        <LogOut size={18} aria-hidden="true" />
      </Button>
    </span>
  );
}
