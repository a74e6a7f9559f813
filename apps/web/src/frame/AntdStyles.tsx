'use client';
import { createCache, extractStyle, StyleProvider } from '@ant-design/cssinjs';
import { useServerInsertedHTML } from 'next/navigation';
import { useState, type ReactNode } from 'react';

type Styles = ReturnType<typeof createCache>;
type Entry = ReturnType<Styles['opGet']>;

/** What a component's styles came to on the server, by component and theme: they are the same for everybody. */
const madeBefore = new Map<string, Entry>();

/** The styles of one page, made once for all pages of this server: a quarter of a page's time went into making them anew. */
export function stylesOfPage(): Styles {
  const styles = createCache();
  if (typeof window !== 'undefined') return styles;
  const opUpdate = styles.opUpdate.bind(styles);
  styles.opUpdate = (path, next) => {
    opUpdate(path, (own) => next(own ?? madeBefore.get(path)!));
    if (!madeBefore.has(path)) madeBefore.set(path, styles.opGet(path));
  };
  return styles;
}

/** Component styles, in the page as it comes from the server. */
export function AntdStyles({ children }: { children: ReactNode }) {
  const [styles] = useState(stylesOfPage);
  useServerInsertedHTML(() => {
    const text = extractStyle(styles, { plain: true, once: true });
    if (text.includes('.data-ant-cssinjs-cache-path{content:"";}')) return null;
    // before the styles that the library's components make in the browser
    return <style id="antd-cssinjs" data-rc-order="prepend" data-rc-priority="-1000" dangerouslySetInnerHTML={{ __html: text }} />;
  });
  return <StyleProvider cache={styles}>{children}</StyleProvider>;
}
