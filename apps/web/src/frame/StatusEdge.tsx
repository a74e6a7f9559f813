'use client';
import { Button, Select } from 'antd';
import { Moon, Redo2, Sun, Undo2 } from 'lucide-react';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import type { UnitSystem } from '@inch-nest/core';
import { useKeys } from '../session/keys.ts';
import { useSaveState } from '../session/SaveState.tsx';
import { useShop } from '../session/ShopContext.tsx';
import { KEEPING_PAGES } from './SideLinks.tsx';
import { pageNeeds } from '../session/pageRights.ts';
import { OthersHere } from './OthersHere.tsx';
import { WhoIsHere } from './WhoIsHere.tsx';
import type { ParcelUse } from '../parcel/useParcel.ts';

const KeysHelp = dynamic(() => import('./KeysHelp.tsx').then((room) => room.KeysHelp), { ssr: false });

/** Each person's own, on screen and on paper. */
const UNITS: { value: UnitSystem; label: string; title: string }[] = [
  { value: 'imperial', label: 'in and lb', title: 'inches and pounds' },
  { value: 'metric', label: 'cm and kg', title: 'centimetres and kilograms' },
];
const MARKS = { saved: '✓', saving: '…', 'not saved': '✗' } as const;

/** Units, who is here, what is saved, undo, the night bench and the keys. */
export function StatusEdge({ parcel, code }: { parcel: ParcelUse | null; code: string | null }) {
  const { shop, keeper, person, can, themeName, setTheme, keysOn } = useShop();
  const { word } = useSaveState();
  const here = usePathname();
  const [keysShown, showKeys] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const keeping = KEEPING_PAGES.find(({ path }) => can(pageNeeds(path)));
  const step = (direction: 'undo' | 'redo') => {
    setTrouble(null);
    parcel?.step(direction).catch((error: Error) => setTrouble(error.message));
  };
  useKeys('ctrl+z, meta+z', () => step('undo'), { reach: 'combined' });
  useKeys('ctrl+shift+z, meta+shift+z, ctrl+y', () => step('redo'), { reach: 'combined' });
  useKeys('?', () => showKeys(true), { reach: 'single', on: keysOn, sign: true });
  useKeys('n', () => setTheme(themeName === 'night' ? 'day' : 'night'), { reach: 'single', on: keysOn });
  return (
    <footer className="status-edge">
      {code && <span className="numeral code">{code}</span>}
      <span className={`save-word ${word.replace(' ', '-')}`} role="status">
        {MARKS[word]} {word}
      </span>
      {parcel && <OthersHere parcelId={parcel.view.id} />}
      {parcel && (
        <span className="steps">
          <Button
            type="text"
            icon={<Undo2 size={20} aria-hidden />}
            aria-label="Undo"
            disabled={parcel.view.undo === 0}
            onClick={() => step('undo')}
          />
          <Button
            type="text"
            icon={<Redo2 size={20} aria-hidden />}
            aria-label="Redo"
            disabled={parcel.view.redo === 0}
            onClick={() => step('redo')}
          />
        </span>
      )}
      {trouble && (
        <span className="risk" role="alert">
          {trouble}
        </span>
      )}
      <Select<UnitSystem>
        aria-label="Units"
        className="push units"
        value={person.system}
        onChange={(system) => keeper.set([{ path: `people/${person.id}/system`, value: system, seen: shop.heldRevision }])}
        options={UNITS}
        popupMatchSelectWidth={false}
      />
      <WhoIsHere />
      <Button
        type="text"
        icon={themeName === 'night' ? <Sun size={20} aria-hidden /> : <Moon size={20} aria-hidden />}
        aria-label={themeName === 'night' ? 'Day bench' : 'Night bench'}
        onClick={() => setTheme(themeName === 'night' ? 'day' : 'night')}
      />
      {keeping && (
        <Link prefetch={false} href={keeping.path} className="upkeep-link" aria-current={here === keeping.path ? 'page' : undefined}>
          {keeping.name}
        </Link>
      )}
      <Button type="text" className="keys-button" onClick={() => showKeys(true)}>
        Keys: ?
      </Button>
      {keysShown && <KeysHelp onClose={() => showKeys(false)} />}
    </footer>
  );
}
