'use client';
import { Button, Dropdown } from 'antd';
import { useRouter } from 'next/navigation';
import { forgetAllHere } from '../session/benchKeeper.ts';
import { send } from '../session/http.ts';
import { useShop } from '../session/ShopContext.tsx';
import { lockNow } from './signIn/Lock.tsx';

/** Whoever signed in, with what she may do about it. */
export function SignedIn() {
  const { person } = useShop();
  const router = useRouter();
  const off = () =>
    void send('POST', '/api/session', { act: 'off' })
      .catch(() => undefined)
      .then(() => {
        forgetAllHere();
        window.location.assign('/');
      });
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          { key: 'lock', label: 'Lock, and keep what is open', onClick: () => void lockNow() },
          { key: 'me', label: 'My PIN and password', onClick: () => router.push('/me') },
          { key: 'off', label: 'Sign off', onClick: off },
        ],
      }}
    >
      <Button type="text" aria-label={`${person.name} is here`}>
        {person.name}
      </Button>
    </Dropdown>
  );
}
