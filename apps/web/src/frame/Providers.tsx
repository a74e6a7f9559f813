'use client';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import { useState, type ReactNode } from 'react';
import type { Me, ShopView } from '@inch-nest/contracts';
import { antdTheme, type ThemeName } from '../theme/antdTheme.ts';
import { OutboxProvider } from '../outbox/OutboxProvider.tsx';
import { ScaleProvider } from '../devices/scale/ScaleProvider.tsx';
import { ScannerProvider } from '../devices/scanner/ScannerProvider.tsx';
import { KeepersProvider } from '../session/keeping/useKept.tsx';
import { Lock } from './signIn/Lock.tsx';
import { LiveProvider } from '../session/LiveProvider.tsx';
import { useEscapeLeaves } from '../session/keys.ts';
import { SaveStateProvider } from '../session/SaveState.tsx';
import { VoiceProvider } from '../session/Voice.tsx';
import { ShopProvider } from '../session/ShopContext.tsx';
import { AntdStyles } from './AntdStyles.tsx';

/** What every screen stands in: shop and person, theme, queries, save state. */
export function Providers({
  shop,
  me,
  keysOn,
  theme,
  followsSystem,
  children,
}: {
  shop: ShopView;
  me: Me;
  keysOn: boolean;
  theme: ThemeName;
  /** Nobody has chosen day or night here yet. */
  followsSystem: boolean;
  children: ReactNode;
}) {
  useEscapeLeaves();
  const [client] = useState(() => new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true } } }));
  return (
    <AntdStyles>
      <QueryClientProvider client={client}>
        <SaveStateProvider>
          <KeepersProvider>
            <ShopProvider shop={shop} me={me} initialKeysOn={keysOn} initialTheme={theme} followsSystem={followsSystem}>
              {(name) => (
                <ConfigProvider theme={antdTheme(name)} wave={{ disabled: true }}>
                  <OutboxProvider>
                    <ScaleProvider>
                      <ScannerProvider>
                        <VoiceProvider>
                          <LiveProvider>{children}</LiveProvider>
                        </VoiceProvider>
                      </ScannerProvider>
                      <Lock />
                    </ScaleProvider>
                  </OutboxProvider>
                </ConfigProvider>
              )}
            </ShopProvider>
          </KeepersProvider>
        </SaveStateProvider>
      </QueryClientProvider>
    </AntdStyles>
  );
}
