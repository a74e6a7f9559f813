import { useEffect, useState } from 'react';
import { useNarrow } from './useNarrow.ts';

/** A fold of the bench: laid over the work where that is narrow, beside it where it is wide. */
export interface Fold {
  readonly isOpen: boolean;
  readonly isNarrow: boolean;
  readonly toggle: () => void;
}

/**
 * Whether the shelf or the slip is open. On a narrow screen it is laid over the work, begins shut and shuts again when
 * something else is opened or by Escape; on a wide one it stays as it was left.
 *
 * @param name under which this browser remembers it
 * @param of what is looked at: another one shuts it on a narrow screen
 */
export function useFold(name: string, of: string): Fold {
  const isNarrow = useNarrow();
  const [over, setOver] = useState(false);
  const [beside, setBeside] = useState(true);
  useEffect(() => setOver(false), [of, isNarrow]);
  useEffect(() => setBeside(localStorage.getItem(name) !== 'shut'), [name]);
  useEffect(() => {
    if (!isNarrow || !over) return;
    const shut = (event: KeyboardEvent) => event.key === 'Escape' && setOver(false);
    window.addEventListener('keydown', shut);
    return () => window.removeEventListener('keydown', shut);
  }, [isNarrow, over]);
  return {
    isNarrow,
    isOpen: isNarrow ? over : beside,
    toggle: () => {
      if (isNarrow) return setOver(!over);
      setBeside(!beside);
      localStorage.setItem(name, beside ? 'shut' : 'open');
    },
  };
}
