'use client';
import { Button, Select } from 'antd';
import { X } from 'lucide-react';
import { ARCHETYPES, formatChance, parseChance, type ArchetypeKey, type House } from '@inch-nest/core';
import { KeptText } from '../../parts/KeptText.tsx';

type ByKind = House['mostChanceByKind'];

/** How often a kind of piece may break at most, where that is not what the house allows of all. */
export function KindCeilings({ house, onChange }: { house: House; onChange: (byKind: ByKind) => void }) {
  const { mostChanceByKind: byKind, mostChance } = house;
  const kinds = Object.values(ARCHETYPES);
  const named = kinds.filter(({ key }) => byKind[key] !== undefined);
  const without = (key: ArchetypeKey): ByKind => Object.fromEntries(Object.entries(byKind).filter(([one]) => one !== key));
  return (
    <>
      {named.map(({ key, name }) => (
        <li key={key} className="own">
          <span className="label">Of {name}, at most</span>
          <KeptText
            label={`Of ${name}, at most`}
            shown={formatChance(byKind[key]!)}
            placeholder="1 in 200"
            wanted="how often at most, like 1 in 200 or 2%"
            read={parseChance}
            onKeep={(chance) => onChange({ ...byKind, [key]: chance })}
          />
          <span className="soft">● all else {formatChance(mostChance)}</span>
          <Button
            type="text"
            icon={<X size={20} aria-hidden />}
            aria-label={`As all else: ${name}`}
            onClick={() => onChange(without(key))}
          />
        </li>
      ))}
      <li>
        <span className="label">Another limit for a kind of piece</span>
        <Select<ArchetypeKey | null>
          aria-label="Another limit for a kind of piece"
          value={null}
          placeholder="choose …"
          options={kinds.filter((kind) => !named.includes(kind)).map(({ key, name }) => ({ value: key, label: name }))}
          onChange={(key) => key && onChange({ ...byKind, [key]: mostChance / 2 })}
        />
        <span className="soft">half of what the house allows to begin with</span>
      </li>
    </>
  );
}
