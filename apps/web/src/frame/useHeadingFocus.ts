import { useEffect, useRef } from 'react';

/** Keyboard and reader go where the eye goes: to the heading of what has been opened, not at the first opening of the page. */
export function useHeadingFocus(of: string): void {
  const before = useRef(of);
  useEffect(() => {
    if (before.current === of) return;
    before.current = of;
    const heading = document.querySelector<HTMLElement>('#work h1');
    // whoever is typing already stays there
    if (!heading || document.querySelector('#work')?.contains(document.activeElement)) return;
    heading.tabIndex = -1;
    heading.focus({ preventScroll: true });
  }, [of]);
}
