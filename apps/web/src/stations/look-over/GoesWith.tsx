'use client';
import { Button, Select } from 'antd';
import { Plus, X } from 'lucide-react';
import type { Accessory } from '@inch-nest/contracts';
import { KeptText } from '../../parts/KeptText.tsx';

const PARTS: readonly { value: Accessory['part']; label: string }[] = [
  { value: 'apart', label: 'goes with it' },
  { value: 'off', label: 'part: take it off' },
  { value: 'on', label: 'part: leave it on' },
  { value: 'packer', label: 'part: as the packer sees fit' },
];
const MOST = 24;

/** Lids, pans, keys and what comes apart: each ticked off before the box is closed. */
export function GoesWith({ list, onChange }: { list: readonly Accessory[]; onChange: (list: Accessory[]) => void }) {
  const change = (id: string, part: Partial<Accessory>) => onChange(list.map((one) => (one.id === id ? { ...one, ...part } : one)));
  return (
    <section className="rows" aria-label="Parts and what goes with it">
      <h3>Parts, and what goes with it</h3>
      <ul>
        {list.map((one) => (
          <li key={one.id}>
            <KeptText
              label="How many"
              shown={String(one.count)}
              wanted="a whole number up to 999"
              read={(text) => (/^\d{1,3}$/.test(text.trim()) && Number(text) > 0 ? Number(text) : null)}
              onKeep={(count) => change(one.id, { count })}
            />
            <KeptText
              label="What"
              shown={one.name}
              wanted="a name, like brass pan"
              read={(text) => text.trim().slice(0, 60) || null}
              onKeep={(name) => change(one.id, { name })}
            />
            <Select<Accessory['part']>
              aria-label={`What becomes of ${one.name}`}
              value={one.part}
              options={[...PARTS]}
              popupMatchSelectWidth={false}
              onChange={(part) => change(one.id, { part })}
            />
            <Button
              type="text"
              icon={<X size={20} aria-hidden />}
              aria-label={`No ${one.name}`}
              onClick={() => onChange(list.filter((other) => other.id !== one.id))}
            />
          </li>
        ))}
      </ul>
      <Button
        icon={<Plus size={20} aria-hidden />}
        disabled={list.length >= MOST}
        onClick={() => onChange([...list, { id: crypto.randomUUID().slice(0, 8), name: 'lid', count: 1, part: 'apart' }])}
      >
        A part or accessory
      </Button>
    </section>
  );
}
