import '@fontsource/atkinson-hyperlegible-next/400.css';
import '@fontsource/atkinson-hyperlegible-next/700.css';
import '@fontsource/jetbrains-mono/400.css';
import '@fontsource/jetbrains-mono/700.css';
import '@/ui/kit/theme/theme.scss';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { listCrew } from '@/server/crew';
import { store } from '@/server/store';
import { Frame } from '@/ui/kit/Frame';

export const metadata: Metadata = { title: 'Fox Ladder' };

export default async function Layout({ children }: { readonly children: ReactNode }) {
  await connection();
  const crew = await listCrew((await store()).db);
  return (
    <html lang="en">
      <body>
        <Frame crew={crew}>{children}</Frame>
      </body>
    </html>
  );
}
