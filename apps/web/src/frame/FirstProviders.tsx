'use client';
import { AntdRegistry } from '@ant-design/nextjs-registry';
import { ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { antdTheme, type ThemeName } from '../theme/antdTheme.ts';

/** What a screen stands in before there is a shop. */
export const FirstProviders = ({ theme, children }: { theme: ThemeName; children: ReactNode }) => (
  <AntdRegistry>
    <ConfigProvider theme={antdTheme(theme)} wave={{ disabled: true }}>
      {children}
    </ConfigProvider>
  </AntdRegistry>
);
