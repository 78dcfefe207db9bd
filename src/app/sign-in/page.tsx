import { redirect } from 'next/navigation';
import { accountsWords } from '@/words/screens';
import { isAnyAccount } from '@/server/accounts/accounts';
import { signsIn } from '@/server/accounts/admit';
import { ownPath } from '@/server/accounts/ownPath';
import { store } from '@/server/store';
import { SignInPage } from '@/ui/accounts/SignInPage';

export const metadata = { title: accountsWords.signIn };

interface Props {
  readonly searchParams: Promise<{ readonly to?: string | string[] }>;
}

export default async function Page({ searchParams }: Props) {
  const to = ownPath((await searchParams).to, '/');
  if (!signsIn()) redirect(to);
  return (
    <SignInPage
      isFirst={!(await isAnyAccount(await store()))}
      to={to}
      fingerprint={process.env.FOX_LADDER_FINGERPRINT ?? null}
    />
  );
}
