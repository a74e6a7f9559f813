import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { First } from '../beside/first/First.tsx';
import { FirstProviders } from '../frame/FirstProviders.tsx';
import { Providers } from '../frame/Providers.tsx';
import { SignIn } from '../frame/signIn/SignIn.tsx';
import { signInNow } from '../server/doors/signIn.ts';
import { forEyes } from '../server/people/forEyes.ts';
import { meOf, whoOpens } from '../server/people/whoAsks.ts';
import { hasShop, shopNow } from '../server/rooms.ts';
import '../theme/fonts.ts';
import './sheets.ts';

export const metadata = { description: 'Wrap, box, fill, weigh and rate one-off fragile pieces.' };
export const dynamic = 'force-dynamic';

export default async function Layout({ children }: { children: ReactNode }) {
  const jar = await cookies();
  const chosen = jar.get('theme')?.value;
  const system = (await headers()).get('sec-ch-prefers-color-scheme') === 'dark' ? 'night' : 'day';
  const theme = chosen === 'night' || chosen === 'day' ? chosen : system;
  const who = await whoOpens();
  return (
    <html lang="en" data-theme={theme}>
      <body>
        {typeof who === 'string' ? (
          <FirstProviders theme={theme}>
            {(await hasShop()) ? <SignIn view={await signInNow(await headers())} /> : <First />}
          </FirstProviders>
        ) : (
          <Providers
            shop={await forEyes(await shopNow())}
            me={await meOf(who)}
            keysOn={jar.get('keys')?.value !== 'off'}
            theme={theme}
            followsSystem={chosen === undefined}
          >
            {children}
          </Providers>
        )}
      </body>
    </html>
  );
}
