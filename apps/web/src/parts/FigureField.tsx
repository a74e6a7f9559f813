'use client';
import { Input } from 'antd';
import { useState } from 'react';
import { formatCaliper, parseMoney, parseQuantity } from '@inch-nest/core';
import { LIKE_THIS } from '../words/likeThis.ts';
import { measureOf, type MeasureKey } from '../words/measures.ts';
import { useShop } from '../session/ShopContext.tsx';

export type FigureKind = 'number' | 'percent' | 'length' | 'weight' | 'money';

/** What a rule does not show is told in decimals: a film is not 0 in thick. */
const THIN_IN = 1 / 32;

/** One figure as people write it, kept on leaving the field; what does not parse stays and says why. */
export function FigureField({
  id,
  label,
  value,
  kind,
  least,
  most,
  onKeep,
  hidden = false,
  measure = 'plain',
}: {
  id: string;
  label: string;
  value: number;
  kind: FigureKind;
  least: number;
  most: number;
  onKeep: (value: number) => void;
  /** The label is for readers of the screen alone. */
  hidden?: boolean;
  /** What the figure counts, where its unit stands elsewhere: shown and typed in the person's own. */
  measure?: MeasureKey;
}) {
  const { person, write } = useShop();
  const { of: factor } = measureOf(measure, person.system);
  const [text, setText] = useState<string | null>(null);
  const shown = {
    money: () => ((value * factor) / 100).toFixed(2),
    length: () => (value > 0 && value < THIN_IN ? formatCaliper(value, person.system) : write.length(value)),
    weight: () => write.weight(value),
    percent: () => `${Number((value * 100).toFixed(3))}%`,
    number: () => String(Number((value * factor).toFixed(factor === 1 ? 4 : 2))),
  }[kind]();
  const read = (typed: string): number | string => {
    if (kind === 'money') {
      const minor = parseMoney(typed);
      return minor === null ? 'an amount, like 18 or 18.50' : minor / factor;
    }
    if (kind === 'length') {
      if (/^\s*0\s*(in|cm)?\s*$/.test(typed)) return 0;
      const quantity = parseQuantity(typed, person.system);
      return quantity.kind === 'length'
        ? quantity.inches
        : quantity.kind === 'notUnderstood'
          ? quantity.problem
          : `one length, like ${LIKE_THIS[person.system].length}`;
    }
    if (kind === 'weight') {
      const quantity = parseQuantity(typed, person.system, 'weight');
      return quantity.kind === 'weight'
        ? quantity.pounds
        : quantity.kind === 'notUnderstood'
          ? quantity.problem
          : `a weight, like ${LIKE_THIS[person.system].weight}`;
    }
    const number = Number(typed.replace(',', '.').replace(/\s*%$/, ''));
    if (typed.trim() === '' || Number.isNaN(number)) return 'a number';
    return kind === 'percent' ? number / 100 : number / factor;
  };
  const boundary = (edge: number) =>
    kind === 'length'
      ? write.length(edge)
      : kind === 'weight'
        ? write.weight(edge)
        : kind === 'money'
          ? write.money(edge * factor)
          : Number((edge * factor).toPrecision(6));
  const reading = text === null ? value : read(text);
  const beyond = typeof reading === 'number' && (reading < least || reading > most);
  const problem = typeof reading === 'string' ? reading : beyond ? `between ${boundary(least)} and ${boundary(most)} it must be` : null;
  const leave = () => {
    if (text === null || problem !== null || typeof reading !== 'number') return;
    setText(null);
    if (reading !== value) onKeep(reading);
  };
  return (
    <span className="figure-field">
      <label htmlFor={id} className={hidden ? 'unseen' : ''}>
        {label}
      </label>
      <Input
        id={id}
        className="numeral"
        inputMode={kind === 'length' || kind === 'weight' ? 'text' : 'decimal'}
        status={problem ? 'error' : ''}
        value={text ?? shown}
        maxLength={40}
        onChange={(event) => setText(event.target.value)}
        onBlur={leave}
        onPressEnter={leave}
        onKeyDown={(event) => event.key === 'Escape' && setText(null)}
        aria-describedby={problem ? `${id}-problem` : undefined}
      />
      {problem && (
        <span id={`${id}-problem`} className="meaning wrong">
          ✗ {problem}
        </span>
      )}
    </span>
  );
}
