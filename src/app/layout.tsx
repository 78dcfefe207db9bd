import '@fontsource/atkinson-hyperlegible-next/400.css';
import '@fontsource/atkinson-hyperlegible-next/700.css';
import '@fontsource/jetbrains-mono/400.css';
import '@fontsource/jetbrains-mono/700.css';
import '@/ui/theme/theme.scss';
import type { Metadata } from 'next';
import { cookies, headers } from 'next/headers';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { signsIn, whoAsks } from '@/server/accounts/admit';
import { listCrew } from '@/server/crew';
import { readSettings } from '@/server/settings';
import { store } from '@/server/store';
import { Frame } from '@/ui/frame/Frame';
import { THEME_COOKIE, themeOf, type Theme } from '@/ui/theme/theme';

export const metadata: Metadata = { title: { default: 'Fox Ladder', template: '%s · Fox Ladder' } };

/** A page of the firm, for whoever may see it. */
async function Framed({
  theme,
  own,
  page,
}: {
  readonly theme: Theme;
  readonly own: string | null;
  readonly page: ReactNode;
}) {
  const { db } = await store();
  const { currency } = await readSettings(db);
  return (
    <Frame crew={await listCrew(db)} own={own} theme={theme} currency={currency}>
      {page}
    </Frame>
  );
}

export default async function Layout({ children }: { readonly children: ReactNode }) {
  await connection();
  const theme = themeOf((await cookies()).get(THEME_COOKIE)?.value);
  const asking = signsIn() ? await whoAsks(await headers()) : null;
  return (
    <html lang="en" data-theme={theme}>
      <body>
        {signsIn() && !asking ? (
          children
        ) : (
          <Framed theme={theme} own={asking?.account.personId ?? null} page={children} />
        )}
      </body>
    </html>
  );
}
