import { useEffect, type RefObject } from 'react';

/** Scrolls something to the top of its sheet when it comes up while its head is out of sight: the next step is not looked for. */
export function useInSight(of: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const element = of.current;
    if (!element) return;
    const { top } = element.getBoundingClientRect();
    const from = Math.max(0, element.closest('.sheet')?.getBoundingClientRect().top ?? 0);
    if (top < from || top > window.innerHeight - HEAD_PX) element.scrollIntoView({ block: 'start' });
  }, [of]);
}
/** So much of it is its head, px. */
const HEAD_PX = 80;
