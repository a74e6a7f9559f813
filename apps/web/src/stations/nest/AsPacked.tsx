import { ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { isPacked, STANDING, type ParcelLife } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import { legibleThough } from '../../theme/antdTheme.ts';

/** What of a nest is changed by hand; of a packed one it is there to be looked at, and says why. */
export function AsPacked({ life, children }: { life: Pick<ParcelLife, 'state' | 'sealed'>; children: ReactNode }) {
  const { themeName } = useShop();
  if (!isPacked(life)) return children;
  return (
    <>
      <p className="soft">
        {STANDING[life.state] === 'open'
          ? 'It is sealed: its nest stays as it was packed. To pack it otherwise, open it again at the bench.'
          : 'It has left: this is how it was packed.'}
      </p>
      <ConfigProvider componentDisabled theme={legibleThough(themeName)}>
        {children}
      </ConfigProvider>
    </>
  );
}
