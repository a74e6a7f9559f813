'use client';
import { useEffect } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

/** Controls that take letters and digits; a slider, a tick box or a key of a choice does not. */
const TYPED_INTO = ['text', 'search', 'number', 'email', 'tel', 'url', 'password', 'date', 'time', 'datetime-local', 'month', 'week'];

/** Something that is typed into. */
export const isTextField = (target: EventTarget | null): boolean =>
  target instanceof HTMLTextAreaElement
    ? !target.readOnly
    : target instanceof HTMLInputElement
      ? TYPED_INTO.includes(target.type) && !target.readOnly
      : target instanceof HTMLElement && target.isContentEditable;

/** A list that is open takes what is typed to find its entries. */
const isOpenList = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('[aria-expanded="true"], [role="menu"], [role="listbox"]') !== null;

const isDialogOpen = (): boolean =>
  [...document.querySelectorAll('[role="dialog"][aria-modal="true"], dialog[open]')].some((dialog) => dialog.checkVisibility?.() ?? true);

/** Something has the focus that a key may be meant for: a button, a tick, a field. */
export const hasFocusElsewhere = (): boolean => {
  const { activeElement } = document;
  return activeElement instanceof HTMLElement && activeElement !== document.body && activeElement.tabIndex >= 0;
};

/**
 * Where a key acts:
 * - `single`: letters, digits and signs, wherever nobody types, whatever was clicked before.
 * - `combined`: with Ctrl or ⌘; a text field keeps its own.
 * - `idle`: the big keys of the bench, only while nothing has the focus: what acts on a focused control belongs to it.
 */
export type KeyReach = 'single' | 'combined' | 'idle';

/** True where a key is not for the page: nobody acts behind a dialog, and a field keeps what is typed into it. */
export const keepsItsKey = (event: Pick<Event, 'target'>, reach: KeyReach): boolean =>
  isTextField(event.target) || isDialogOpen() || (reach === 'idle' ? hasFocusElsewhere() : reach === 'single' && isOpenList(event.target));

/**
 * A key of the page: the one place where keys are listened to.
 *
 * @param sign it is known by what it types, wherever a keyboard has it and with whatever is held down for it
 */
export function useKeys(
  keys: string | readonly string[],
  act: (event: KeyboardEvent) => void,
  { reach, on = true, sign = false }: { reach: KeyReach; on?: boolean; sign?: boolean },
): void {
  useHotkeys(keys as string | string[], act, {
    preventDefault: true,
    enabled: on,
    enableOnFormTags: true,
    ...(sign ? { useKey: true, ignoreModifiers: true } : {}),
    ignoreEventWhen: (event) => keepsItsKey(event, reach) || (sign && (event.ctrlKey || event.metaKey)),
  });
}

/**
 * Escape leaves a field, so that the keys of the page are in reach again. A list that is open is shut first, a dialog closes itself,
 * and what a field does of its own with Escape it has done before.
 */
export function useEscapeLeaves(): void {
  useEffect(() => {
    const leave = (event: KeyboardEvent) => {
      const { target } = event;
      if (event.key !== 'Escape' || !isTextField(target) || isOpenList(target) || isDialogOpen()) return;
      // after the field has been drawn as its own key left it
      setTimeout(() => document.activeElement === target && (target as HTMLElement).blur());
    };
    // before the list has heard of it and is shut
    document.addEventListener('keydown', leave, true);
    return () => document.removeEventListener('keydown', leave, true);
  }, []);
}
