'use client';
import { Button } from 'antd';
import { useEffect, useState } from 'react';

/** Learns which key a foot pedal sends: press it once. */
export function PedalKey({ pedal, onPedal }: { pedal: string; onPedal: (key: string) => void }) {
  const [learning, setLearning] = useState(false);
  useEffect(() => {
    if (!learning) return;
    const hear = (event: KeyboardEvent) => {
      if (['Shift', 'Control', 'Alt', 'Meta'].includes(event.key)) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      onPedal(event.key === 'Escape' ? '' : event.key);
      setLearning(false);
    };
    window.addEventListener('keydown', hear, { capture: true });
    return () => window.removeEventListener('keydown', hear, { capture: true });
  }, [learning, onPedal]);
  return (
    <Button aria-pressed={learning} onClick={() => setLearning(!learning)}>
      {learning ? 'Press the pedal, or Escape for none' : pedal ? `Pedal: ${pedal}` : 'Pedal'}
    </Button>
  );
}
