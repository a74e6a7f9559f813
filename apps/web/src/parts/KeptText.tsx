'use client';
import { Input } from 'antd';
import { useState } from 'react';

/** A short text in a row of a list: kept when it is left, refused where it does not read, Escape brings back what was. */
export function KeptText<Value>({
  label,
  shown,
  read,
  wanted,
  placeholder,
  onKeep,
}: {
  label: string;
  shown: string;
  /** Null where the text is not understood. */
  read: (text: string) => Value | null;
  /** What would be understood. */
  wanted: string;
  placeholder?: string;
  onKeep: (value: Value) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const value = text === null ? null : read(text);
  const wrong = text !== null && value === null;
  const leave = () => {
    if (value === null) return;
    onKeep(value);
    setText(null);
  };
  return (
    <span className="kept-text">
      <Input
        aria-label={label}
        status={wrong ? 'error' : ''}
        aria-invalid={wrong}
        {...(placeholder ? { placeholder } : {})}
        value={text ?? shown}
        maxLength={80}
        onChange={(event) => setText(event.target.value)}
        onBlur={leave}
        onPressEnter={leave}
        onKeyDown={(event) => event.key === 'Escape' && setText(null)}
      />
      {wrong && <span className="meaning wrong">✗ {wanted}</span>}
    </span>
  );
}
