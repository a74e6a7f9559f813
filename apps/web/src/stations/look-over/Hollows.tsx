'use client';
import { Button, Select, Switch } from 'antd';
import { Plus, X } from 'lucide-react';
import { ORDINARY_FILLS, type Hollow, type OrdinaryFillKey } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import { KeptText } from '../../parts/KeptText.tsx';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { readVolume, writeVolume } from '../../words/readVolume.ts';

const MATERIALS: readonly { value: OrdinaryFillKey | 'paper'; label: string }[] = [
  { value: 'paper', label: 'tight paper' },
  ...(Object.entries(ORDINARY_FILLS) as [OrdinaryFillKey, { name: string }][])
    .filter(([key]) => key !== 'crumpledPaper')
    .map(([value, { name }]) => ({ value, label: name.toLowerCase() })),
];

/**
 * Cavities: filled they carry, unfilled the wall does.
 *
 * @param taken the one in which another piece stands
 */
export function Hollows({
  hollows,
  taken,
  onChange,
}: {
  hollows: readonly Hollow[];
  taken: Hollow | null;
  onChange: (hollows: Hollow[]) => void;
}) {
  const { person } = useShop();
  const change = (id: string, part: Partial<Hollow>) => onChange(hollows.map((one) => (one.id === id ? { ...one, ...part } : one)));
  return (
    <section className="rows" aria-label="Hollows">
      <h3>Hollows</h3>
      <ul>
        {hollows.map((one) => (
          <li key={one.id}>
            <KeptText
              label="Name of the hollow"
              shown={one.name}
              wanted="a name, like the bowl"
              read={(text) => text.trim().slice(0, 40) || null}
              onKeep={(name) => change(one.id, { name })}
            />
            <KeptText
              label={`Room in ${one.name}`}
              shown={writeVolume(one.volumeIn3, person.system)}
              wanted={`its room, like ${LIKE_THIS[person.system].room}`}
              read={(text) => readVolume(text, person.system)}
              onKeep={(volumeIn3) => change(one.id, { volumeIn3 })}
            />
            <label className="switch-row">
              <Switch checked={one.filled} onChange={(filled) => change(one.id, { filled })} /> filled
            </label>
            {one.filled && (
              <Select<OrdinaryFillKey | 'paper'>
                aria-label={`What fills ${one.name}`}
                value={one.material ?? 'paper'}
                options={[...MATERIALS]}
                popupMatchSelectWidth={false}
                onChange={(material) => change(one.id, { material: material === 'paper' ? null : material })}
              />
            )}
            <span className="soft">
              {one.id === taken?.id ? 'filled by what stands in it' : one.filled ? '' : 'left empty it costs strength'}
            </span>
            <Button
              type="text"
              icon={<X size={20} aria-hidden />}
              aria-label={`No ${one.name}`}
              onClick={() => onChange(hollows.filter((other) => other.id !== one.id))}
            />
          </li>
        ))}
      </ul>
      <Button
        icon={<Plus size={20} aria-hidden />}
        disabled={hollows.length >= 12}
        onClick={() =>
          onChange([...hollows, { id: crypto.randomUUID().slice(0, 8), name: 'the hollow', volumeIn3: 20, filled: false, material: null }])
        }
      >
        A hollow
      </Button>
    </section>
  );
}
