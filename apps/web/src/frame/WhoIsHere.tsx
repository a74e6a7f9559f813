'use client';
import { Select } from 'antd';
import dynamic from 'next/dynamic';
import { useShop } from '../session/ShopContext.tsx';

// a menu is a good part of what a page fetches, and where a machine signs in by itself nobody opens it
const SignedIn = dynamic(() => import('./SignedIn.tsx').then((room) => room.SignedIn), { ssr: false, loading: () => <Name /> });

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

/** Her name until what goes with it has come. */
function Name() {
  const { person } = useShop();
  return <span>{person.name}</span>;
}
