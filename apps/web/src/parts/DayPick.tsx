'use client';
import { CalendarDays } from 'lucide-react';
import { useRef } from 'react';

/** A calendar beside a field that takes days as people say them: the machine's own, so that it speaks its language. */
export function DayPick({ label, value, onPick }: { label: string; value: string | null; onPick: (day: string) => void }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <span className="day-pick">
      <button type="button" aria-label={label} onClick={() => input.current?.showPicker()}>
        <CalendarDays size={20} aria-hidden />
      </button>
      <input
        ref={input}
        type="date"
        tabIndex={-1}
        aria-hidden
        value={value ?? ''}
        onChange={(event) => event.target.value !== '' && onPick(event.target.value)}
      />
    </span>
  );
}
