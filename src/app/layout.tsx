import '@fontsource/atkinson-hyperlegible-next/400.css';
import '@fontsource/atkinson-hyperlegible-next/700.css';
import '@fontsource/jetbrains-mono/400.css';
import '@fontsource/jetbrains-mono/700.css';
import '@/ui/theme/theme.scss';
import type { Metadata } from 'next';
import { cookies } from 'next/headers';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { listCrew } from '@/server/crew';
import { readSettings } from '@/server/settings';
import { store } from '@/server/store';
import { Frame } from '@/ui/frame/Frame';
import { THEME_COOKIE, themeOf } from '@/ui/theme/theme';

export const metadata: Metadata = { title: { default: 'Fox Ladder', template: '%s · Fox Ladder' } };

export default async function Layout({ children }: { readonly children: ReactNode }) {
  await connection();
  const { db } = await store();
  const crew = await listCrew(db);
  const { currency } = await readSettings(db);
  const theme = themeOf((await cookies()).get(THEME_COOKIE)?.value);
  return (
    <html lang="en" data-theme={theme}>
      <body>
        <Frame crew={crew} theme={theme} currency={currency}>
          {children}
        </Frame>
      </body>
    </html>
  );
}
