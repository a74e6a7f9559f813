'use client';
import { useEffect, useRef } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

/** A step takes no key in its first moments: a hand that is still on the key did not mean it. */
const SETTLE_MS = 300;

/** Keys for hands that are busy: one big one that means done, one back, one to pause; a pedal is any key it sends. */
export function useBenchKeys(
  step: string,
  {
    pedal,
    on,
    done,
    back,
    pause,
    fail,
  }: { pedal: string; on: boolean; done: () => void; back: () => void; pause: () => void; fail: (() => void) | null },
): void {
  const since = useRef(0);
  useEffect(() => {
    since.current = performance.now();
  }, [step]);
  const meant = (event: KeyboardEvent) => !event.repeat && performance.now() - since.current > SETTLE_MS;
  const options = { preventDefault: true, enabled: on };
  useHotkeys('space', (event) => meant(event) && done(), options, [done, on]);
  useHotkeys('backspace', (event) => meant(event) && back(), options, [back, on]);
  useHotkeys('p', (event) => meant(event) && pause(), options, [pause, on]);
  useHotkeys('f', (event) => meant(event) && fail?.(), options, [fail, on]);
  useEffect(() => {
    if (!pedal || pedal === ' ') return;
    const press = (event: KeyboardEvent) => {
      if (event.key !== pedal || (event.target as HTMLElement).closest('input, textarea, select')) return;
      event.preventDefault();
      if (meant(event)) done();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [pedal, done]);
}
