import { useEffect } from 'react';
import type { ThemeName } from '../theme/antdTheme.ts';

/** Day and night as the machine has them, and as it changes them, while that is wanted. */
export function useSystemTheme(follows: boolean, onTheme: (name: ThemeName) => void): void {
  useEffect(() => {
    if (!follows) return;
    const dark = window.matchMedia('(prefers-color-scheme: dark)');
    const take = () => {
      const name = dark.matches ? 'night' : 'day';
      document.documentElement.dataset['theme'] = name;
      onTheme(name);
    };
    take();
    dark.addEventListener('change', take);
    return () => dark.removeEventListener('change', take);
  }, [follows, onTheme]);
}
