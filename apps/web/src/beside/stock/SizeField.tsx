'use client';
import { Input } from 'antd';
import { useState } from 'react';
import { parseQuantity, type Triple } from '@inch-nest/core';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { useShop } from '../../session/ShopContext.tsx';

/** The longest side any carrier takes. */
const MOST_IN = 108;

/** Three sides as people write them; emptied where none need be known. */
export function SizeField({
  id,
  label,
  value,
  placeholder,
  onKeep,
}: {
  id: string;
  label: string;
  value: Triple | null;
  placeholder?: string;
  onKeep: (value: Triple | null) => void;
}) {
  const { person, write } = useShop();
  const [text, setText] = useState<string | null>(null);
  const mayBeEmpty = placeholder !== undefined;
  const quantity = text !== null && text.trim() !== '' ? parseQuantity(text, person.system) : null;
  const sides = quantity?.kind === 'dimensions' && quantity.inches.length === 3 ? ([...quantity.inches] as unknown as Triple) : null;
  const beyond = sides?.some((side) => side > MOST_IN || side <= 0) ?? false;
  const problem =
    text === null || (text.trim() === '' && mayBeEmpty)
      ? null
      : !sides
        ? quantity?.kind === 'notUnderstood'
          ? quantity.problem
          : `three sides, like ${LIKE_THIS[person.system].size}`
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
