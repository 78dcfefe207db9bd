import { redirect } from 'next/navigation';
import { accountsWords } from '@/words/screens';
import { isAnyAccount } from '@/server/accounts/accounts';
import { signsIn } from '@/server/accounts/admit';
import { store } from '@/server/store';
import { SignInPage } from '@/ui/accounts/SignInPage';

export const metadata = { title: accountsWords.signIn };

interface Props {
  readonly searchParams: Promise<{ readonly to?: string | string[] }>;
}

/** An address of this program, or its first page: nobody is led elsewhere by signing in. */
const ownPath = (to: unknown): string => (typeof to === 'string' && /^\/(?![/\\])/.test(to) ? to : '/');

export default async function Page({ searchParams }: Props) {
  const to = ownPath((await searchParams).to);
  if (!signsIn()) redirect(to);
  return (
    <SignInPage
      isFirst={!(await isAnyAccount(await store()))}
      to={to}
      fingerprint={process.env.FOX_LADDER_FINGERPRINT ?? null}
    />
  );
}
