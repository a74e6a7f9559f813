'use client';
import { Input } from 'antd';
import { useState } from 'react';
import { parseQuantity } from '@inch-nest/core';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { useShop } from '../../session/ShopContext.tsx';

/** The longest side any carrier takes. */
const MOST_IN = 108;

const SAID = { 2: ['two sides', 'sheet'], 3: ['three sides', 'size'] } as const;

/** So many numbers, one for each side. */
export type Sides<Count extends 2 | 3> = Count extends 2 ? readonly [number, number] : readonly [number, number, number];

/** Two or three sides as people write them; emptied where none need be known. */
export function SizeField<Count extends 2 | 3>({
  id,
  label,
  value,
  placeholder,
  count,
  onKeep,
}: {
  id: string;
  label: string;
  value: Sides<Count> | null;
  placeholder?: string;
  count: Count;
  onKeep: (value: Sides<Count> | null) => void;
}) {
  const { person, write } = useShop();
  const [text, setText] = useState<string | null>(null);
  const mayBeEmpty = placeholder !== undefined;
  const quantity = text !== null && text.trim() !== '' ? parseQuantity(text, person.system) : null;
  const [wanted, like] = SAID[count];
  const sides =
    quantity?.kind === 'dimensions' && quantity.inches.length === count ? ([...quantity.inches] as unknown as Sides<Count>) : null;
  const beyond = sides?.some((side) => side > MOST_IN || side <= 0) ?? false;
  const problem =
    text === null || (text.trim() === '' && mayBeEmpty)
      ? null
      : !sides
        ? quantity?.kind === 'notUnderstood'
          ? quantity.problem
          : `${wanted}, like ${LIKE_THIS[person.system][like]}`
        : beyond
          ? `a side is at most ${write.length(MOST_IN)}`
          : null;
  const leave = () => {
    if (text === null || problem !== null) return;
    setText(null);
    if (sides?.join() !== value?.join()) onKeep(sides);
  };
  return (
    <span className="figure-field">
      <Input
        id={id}
        aria-label={label}
        className="numeral size-input"
        status={problem ? 'error' : ''}
        value={text ?? (value ? write.size(value) : '')}
        placeholder={placeholder}
        maxLength={60}
        onChange={(event) => setText(event.target.value)}
        onBlur={leave}
        onPressEnter={leave}
        onKeyDown={(event) => event.key === 'Escape' && setText(null)}
      />
      {problem && <span className="meaning wrong">✗ {problem}</span>}
    </span>
  );
}
