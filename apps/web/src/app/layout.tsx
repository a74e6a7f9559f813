import { cookies } from 'next/headers';
import type { ReactNode } from 'react';
import { Providers } from '../frame/Providers.tsx';
import { shopNow } from '../server/rooms.ts';
import '../theme/fonts.ts';
import './sheets.ts';

export const metadata = { title: 'Inch Nest', description: 'Wrap, box, fill, weigh and rate one-off fragile pieces.' };
export const dynamic = 'force-dynamic';

export default async function Layout({ children }: { children: ReactNode }) {
  const jar = await cookies();
  const theme = jar.get('theme')?.value === 'night' ? 'night' : 'day';
  const shop = await shopNow();
  return (
    <html lang="en" data-theme={theme}>
      <body>
        <Providers shop={shop} personId={jar.get('person')?.value ?? null} keysOn={jar.get('keys')?.value !== 'off'} theme={theme}>
          {children}
        </Providers>
      </body>
    </html>
  );
}
