'use client';
import { Button, Select } from 'antd';
import { Plus, X } from 'lucide-react';
import type { Accessory } from '@inch-nest/contracts';
import { parseDimensions, parseWeight, type AlongPlace } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { KeptText } from '../../parts/KeptText.tsx';

const PARTS: readonly { value: Accessory['part']; label: string }[] = [
  { value: 'apart', label: 'goes with it' },
  { value: 'off', label: 'part: comes off' },
  { value: 'on', label: 'part: stays on, held' },
  { value: 'packer', label: 'part: as the packer sees fit' },
];
const PLACES: readonly { value: AlongPlace; label: string }[] = [
  { value: 'beside', label: 'beside it, in the fill' },
  { value: 'bag', label: 'in a bag on top' },
  { value: 'inner', label: 'with it in the inner box' },
];
const MOST = 24;

/** Lids, pans, keys and what comes apart: each ticked off before the box is closed. */
export function GoesWith({ list, onChange }: { list: readonly Accessory[]; onChange: (list: Accessory[]) => void }) {
  const change = (id: string, part: Partial<Accessory>) => onChange(list.map((one) => (one.id === id ? { ...one, ...part } : one)));
  const put = (told: Accessory) => onChange(list.map((one) => (one.id === told.id ? told : one)));
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
            {(one.part === 'apart' || one.part === 'off') && <WeightAndRoom of={one} onChange={put} />}
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

/** Emptied on purpose. */
const UNSAID = 'unsaid';
type Unsaid = typeof UNSAID;
type Sides = [number, number, number];
const without = (of: Accessory, field: 'weightLb' | 'sizeIn'): Accessory =>
  Object.fromEntries(Object.entries(of).filter(([name]) => name !== field)) as Accessory;

/**
 * What goes along weighs, takes room from the fill, and has its place; what nobody weighed or measured counts for nothing. A part
 * that comes off is weighed with its piece.
 */
function WeightAndRoom({ of, onChange }: { of: Accessory; onChange: (told: Accessory) => void }) {
  const { person, write } = useShop();
  return (
    <>
      {of.part === 'apart' && (
        <KeptText
          label={`Weight of one ${of.name}`}
          shown={of.weightLb === undefined ? '' : write.weight(of.weightLb)}
          placeholder="weight"
          wanted={`a weight, like ${LIKE_THIS[person.system].weight}`}
          read={(text): number | Unsaid | null => {
            if (text.trim() === '') return UNSAID;
            const weight = parseWeight(text, person.system);
            return weight.kind === 'weight' ? weight.pounds : null;
          }}
          onKeep={(weightLb) => onChange({ ...without(of, 'weightLb'), ...(weightLb === UNSAID ? {} : { weightLb }) })}
        />
      )}
      <KeptText
        label={`Size of one ${of.name}`}
        shown={of.sizeIn === undefined ? '' : write.size(of.sizeIn)}
        placeholder="size"
        wanted={`three sides, like ${LIKE_THIS[person.system].size}`}
        read={(text): Sides | Unsaid | null => {
          if (text.trim() === '') return UNSAID;
          const size = parseDimensions(text, person.system);
          return size.kind === 'dimensions' && size.inches.length === 3 ? (size.inches as Sides) : null;
        }}
        onKeep={(sizeIn) => onChange({ ...without(of, 'sizeIn'), ...(sizeIn === UNSAID ? {} : { sizeIn }) })}
      />
      <Select<AlongPlace>
        aria-label={`Where ${of.name} goes`}
        value={of.place ?? 'beside'}
        options={[...PLACES]}
        popupMatchSelectWidth={false}
        onChange={(place) => onChange({ ...of, place })}
      />
    </>
  );
}
