'use client';
import { useEffect, useState } from 'react';

/** A choice of this device, kept by the browser. */
export function useKeptChoice(name: string, first: string): readonly [string, (value: string) => void] {
  const [value, setValue] = useState(first);
  useEffect(() => setValue(localStorage.getItem(name) ?? first), [name, first]);
  return [
    value,
    (next) => {
      localStorage.setItem(name, next);
      setValue(next);
    },
  ];
}
