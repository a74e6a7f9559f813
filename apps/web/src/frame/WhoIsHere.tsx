'use client';
import { Button, Dropdown, Select } from 'antd';
import { useRouter } from 'next/navigation';
import { forgetAllHere } from '../session/benchKeeper.ts';
import { send } from '../session/http.ts';
import { useShop } from '../session/ShopContext.tsx';
import { lockNow } from './signIn/Lock.tsx';

/** Who is here: picked where this machine signs in by itself, and elsewhere whoever signed in, with the way out. */
export function WhoIsHere() {
  const { shop, person, me, setPerson } = useShop();
  if (me.byItself)
    return (
      <Select
        aria-label="Who is at the bench"
        value={person.id}
        onChange={setPerson}
        options={shop.people.filter((one) => !one.gone).map((one) => ({ value: one.id, label: one.name }))}
        popupMatchSelectWidth={false}
        popupRender={(list) => (
          <>
            {list}
            <p className="by-itself">This machine signs in by itself.</p>
          </>
        )}
      />
    );
  return <SignedIn />;
}

function SignedIn() {
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
