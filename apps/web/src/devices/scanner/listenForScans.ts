import { readCode } from '@inch-nest/contracts';
import { BURST_MS, readBurst, type BurstKey } from './burst.ts';

interface Held extends BurstKey {
  readonly event: KeyboardEvent;
}

/** Marks a key that was held back and is given on: it is not heard a second time. */
const given = new WeakSet<Event>();

const fieldOf = (target: EventTarget | null): HTMLInputElement | HTMLTextAreaElement | null =>
  target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement ? target : null;

/**
 * Hears a keyboard-type scanner anywhere on the page. Outside of fields each sign is held back for a moment:
 * a run of them is a code and sets off nothing else, a single one is given on to whatever it is a key for.
 * In a field a run with a known prefix is taken out again, unless the field is meant for codes
 * (`data-scan`).
 *
 * @returns how to stop
 */
export function listenForScans(target: Window, onScan: (code: string) => void): () => void {
  let held: Held[] = [];
  let before: { field: HTMLInputElement | HTMLTextAreaElement; value: string } | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const giveOn = () => {
    const keys = held;
    held = [];
    for (const { event } of keys) {
      const { key, code, shiftKey } = event;
      for (const type of ['keydown', 'keyup']) {
        const again = new KeyboardEvent(type, { key, code, shiftKey, bubbles: true, cancelable: true, composed: true });
        given.add(again);
        (event.target ?? document.body).dispatchEvent(again);
      }
    }
  };
  const settle = () => {
    const burst = readBurst(held);
    if (burst.kind === 'hand') {
      if (!before) giveOn();
      held = [];
      before = null;
      return false;
    }
    const { field, value } = before ?? { field: null, value: '' };
    const isOurs = readCode(burst.code).of !== 'tracking';
    held = [];
    before = null;
    // what a person types quickly into a field, and what a field is there for, stays
    if (field && (!isOurs || field.dataset['scan'] !== undefined)) return false;
    if (field) setValue(field, value);
    onScan(burst.code);
    return true;
  };
  const hear = (event: KeyboardEvent) => {
    if (given.has(event) || event.repeat) return;
    const { key } = event;
    const field = fieldOf(event.target);
    clearTimeout(timer);
    if (event.ctrlKey || event.metaKey || event.altKey || (key.length !== 1 && key !== 'Enter' && key !== 'Shift') || key === ' ') {
      settle();
      return;
    }
    if (key === 'Shift') {
      timer = setTimeout(settle, BURST_MS);
      return;
    }
    const last = held.at(-1);
    if (last && event.timeStamp - last.at >= BURST_MS) settle();
    if (key === 'Enter') {
      if (settle()) {
        event.preventDefault();
        event.stopImmediatePropagation();
      }
      return;
    }
    if (held.length === 0) before = field && { field, value: field.value };
    held.push({ key, at: event.timeStamp, event });
    if (!field) {
      event.preventDefault();
      event.stopImmediatePropagation();
    }
    timer = setTimeout(settle, BURST_MS);
  };
  target.addEventListener('keydown', hear, { capture: true });
  return () => {
    clearTimeout(timer);
    target.removeEventListener('keydown', hear, { capture: true });
  };
}

/** Sets a field's text the way typing does, so that whoever listens to it hears. */
function setValue(field: HTMLInputElement | HTMLTextAreaElement, value: string): void {
  const kind = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement;
  Object.getOwnPropertyDescriptor(kind.prototype, 'value')!.set!.call(field, value);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}
