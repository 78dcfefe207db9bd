'use client';
import { frameWords } from '@/words/screens';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import type { CrewMember } from '@/core/kinds';
import type { Theme } from '../theme/theme';
import { CrewProvider } from '../crew/CrewContext';
import { CrewPicker } from '../crew/CrewPicker';
import { CurrencyContext } from '../figures/CurrencyContext';
import { Find } from './Find';
import { KeyList } from './KeyList';
import { LostHere } from './LostHere';
import { NewVersion } from './NewVersion';
import { SignedOut } from './SignedOut';
import { ThemeSwitch } from './ThemeSwitch';
import { useKeepDay } from './useDayAhead';
import { WaitingSign } from './WaitingSign';
import { WithoutFirm } from './WithoutFirm';

interface Props {
  readonly crew: readonly CrewMember[];
  /** Who of the crew is signed in; null where nobody signs in. */
  readonly own: string | null;
  readonly theme: Theme;
  /** The firm’s, by its code. */
  readonly currency: string;
  readonly children: ReactNode;
}

/** What stands round every page: the name, the pages that exist, the search, who is at work, the lamp. */
export function Frame({ crew, own, theme, currency, children }: Props) {
  // What asks no server goes on without a network, and what does is told soon enough that none answers
  const [client] = useState(() => new QueryClient({ defaultOptions: { queries: { networkMode: 'always' } } }));
  const path = usePathname();
  useKeepDay(path === '/');
  return (
    <QueryClientProvider client={client}>
      <CrewProvider crew={crew} own={own}>
        <a className="skip visually-hidden-focusable" href="#main">
          {frameWords.toTheContent}
        </a>
        <header className="strip">
          <Link className="name" href="/" aria-label={frameWords.foxLadder}>
            <svg width="22" height="28" viewBox="0 0 22 28" aria-hidden="true">
              <path d="M4 1v26M18 1v26M4 6h14M4 22h14" stroke="var(--ink)" strokeWidth="2.6" fill="none" />
              <path d="M4 14h14" stroke="var(--fox)" strokeWidth="4" />
            </svg>
            <b>{frameWords.foxLadder}</b>
          </Link>
          <nav aria-label={frameWords.pages}>
            <Link href="/" aria-current={path === '/' ? 'page' : undefined}>
              {frameWords.board}
            </Link>
            <Link href="/catalogue" aria-current={path === '/catalogue' ? 'page' : undefined}>
              {frameWords.catalogue}
            </Link>
            <Link href="/practice" aria-current={path === '/practice' ? 'page' : undefined}>
              {frameWords.practice}
            </Link>
            <Link href="/settings" aria-current={path === '/settings' ? 'page' : undefined}>
              {frameWords.settings}
            </Link>
          </nav>
          <div className="right">
            <Find />
            <WithoutFirm />
            <WaitingSign />
            <CrewPicker />
            <ThemeSwitch first={theme} />
            <KeyList />
          </div>
        </header>
        {path === '/' && (
          <div className="phone-only find-row">
            <Find />
          </div>
        )}
        <SignedOut />
        <LostHere />
        <NewVersion />
        <CurrencyContext value={currency}>{children}</CurrencyContext>
      </CrewProvider>
    </QueryClientProvider>
  );
}
