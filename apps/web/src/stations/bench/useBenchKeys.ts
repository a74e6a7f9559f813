'use client';
import { useEffect, useRef } from 'react';
import { keepsItsKey, useKeys } from '../../session/keys.ts';

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
  useKeys('space', (event) => meant(event) && done(), { reach: 'idle', on });
  useKeys('backspace', (event) => meant(event) && back(), { reach: 'idle', on });
  useKeys('p', (event) => meant(event) && pause(), { reach: 'single', on });
  useKeys('f', (event) => meant(event) && fail?.(), { reach: 'single', on });
  useEffect(() => {
    if (!pedal || pedal === ' ') return;
    const press = (event: KeyboardEvent) => {
      // a pedal that sends a key which presses buttons leaves them that key
      if (event.key !== pedal || keepsItsKey(event, pedal === 'Enter' ? 'idle' : 'single')) return;
      event.preventDefault();
      if (meant(event)) done();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [pedal, done]);
}
