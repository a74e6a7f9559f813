import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { First } from '../beside/first/First.tsx';
import { FirstProviders } from '../frame/FirstProviders.tsx';
import { Providers } from '../frame/Providers.tsx';
import { findShop } from '../server/rooms.ts';
import '../theme/fonts.ts';
import './sheets.ts';

export const metadata = { description: 'Wrap, box, fill, weigh and rate one-off fragile pieces.' };
export const dynamic = 'force-dynamic';

export default async function Layout({ children }: { children: ReactNode }) {
  const jar = await cookies();
  const chosen = jar.get('theme')?.value;
  const system = (await headers()).get('sec-ch-prefers-color-scheme') === 'dark' ? 'night' : 'day';
  const theme = chosen === 'night' || chosen === 'day' ? chosen : system;
  const shop = await findShop();
  return (
    <html lang="en" data-theme={theme}>
      <body>
        {shop ? (
          <Providers
            shop={shop}
            personId={jar.get('person')?.value ?? null}
            keysOn={jar.get('keys')?.value !== 'off'}
            theme={theme}
            followsSystem={chosen === undefined}
          >
            {children}
          </Providers>
        ) : (
          <FirstProviders theme={theme}>
            <First />
          </FirstProviders>
        )}
      </body>
    </html>
  );
}
