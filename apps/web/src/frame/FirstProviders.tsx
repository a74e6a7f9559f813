'use client';
import { ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { antdTheme, type ThemeName } from '../theme/antdTheme.ts';
import { AntdStyles } from './AntdStyles.tsx';

/** What a screen stands in before there is a shop. */
export const FirstProviders = ({ theme, children }: { theme: ThemeName; children: ReactNode }) => (
  <AntdStyles>
    <ConfigProvider theme={antdTheme(theme)} wave={{ disabled: true }}>
      {children}
    </ConfigProvider>
  </AntdStyles>
);
