import { createCache, extractStyle, StyleProvider } from '@ant-design/cssinjs';
import { Button, ConfigProvider, Input } from 'antd';
import type { ReactNode } from 'react';
import { renderToString } from 'react-dom/server';
import { antdTheme, type ThemeName } from '../theme/antdTheme.ts';
import { stylesOfPage } from './AntdStyles.tsx';

/** Draws a page as the server does; returns its styles. */
function drawn(page: ReactNode, theme: ThemeName, styles = createCache()) {
  renderToString(
    <StyleProvider cache={styles}>
      <ConfigProvider theme={antdTheme(theme)}>{page}</ConfigProvider>
    </StyleProvider>,
  );
  return { styles, text: extractStyle(styles, { plain: true, once: true }) };
}

const BUTTON = <Button type="primary">Seal</Button>;
const FIELD = <Input aria-label="Weight" />;

test('a page has its own styles and no others, whichever pages the server has drawn before', () => {
  for (const theme of ['day', 'night'] as const)
    for (const page of [BUTTON, FIELD, [BUTTON, FIELD], BUTTON])
      expect(drawn(page, theme, stylesOfPage()).text).toBe(drawn(page, theme).text);
});

test('the styles of a component are made once for all pages', () => {
  const [first, second] = [drawn(BUTTON, 'day', stylesOfPage()).styles, drawn(BUTTON, 'day', stylesOfPage()).styles];
  const paths = [...first.cache.keys()].filter((path) => path.startsWith('style'));
  expect(paths.length).toBeGreaterThan(0);
  for (const path of paths) expect(second.opGet(path)![1]).toBe(first.opGet(path)![1]);
});
