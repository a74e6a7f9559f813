'use client';
import { AntdRegistry } from '@ant-design/nextjs-registry';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import { useState, type ReactNode } from 'react';
import type { ShopView } from '@inch-nest/contracts';
import { antdTheme, type ThemeName } from '../../theme/antdTheme.ts';
import { OutboxProvider } from '../../outbox/OutboxProvider.tsx';
import { ScaleProvider } from '../../scale/ScaleProvider.tsx';
import { ScannerProvider } from '../../scanner/ScannerProvider.tsx';
import { SaveStateProvider } from './SaveState.tsx';
import { ShopProvider } from './ShopContext.tsx';

/** What every screen stands in: shop and person, theme, queries, save state. */
export function Providers({
  shop,
  personId,
  keysOn,
  theme,
  children,
}: {
  shop: ShopView;
  personId: string | null;
  keysOn: boolean;
  theme: ThemeName;
  children: ReactNode;
}) {
  const [client] = useState(() => new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true } } }));
  return (
    <AntdRegistry>
      <QueryClientProvider client={client}>
        <ShopProvider shop={shop} personId={personId} initialKeysOn={keysOn} initialTheme={theme}>
          {(name) => (
            <ConfigProvider theme={antdTheme(name)} wave={{ disabled: true }}>
              <SaveStateProvider>
                <OutboxProvider>
                  <ScaleProvider>
                    <ScannerProvider>{children}</ScannerProvider>
                  </ScaleProvider>
                </OutboxProvider>
              </SaveStateProvider>
            </ConfigProvider>
          )}
        </ShopProvider>
      </QueryClientProvider>
    </AntdRegistry>
  );
}
