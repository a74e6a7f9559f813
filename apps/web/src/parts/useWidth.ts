'use client';
import { useEffect, useState, type RefObject } from 'react';

/** Room an element has across, px; 0 before it is known. */
export function useWidth(element: RefObject<HTMLElement | null>): number {
  const [width, setWidth] = useState(0);
  useEffect(() => {
    if (!element.current) return;
    const observer = new ResizeObserver(([entry]) => setWidth(Math.floor(entry!.contentRect.width)));
    observer.observe(element.current);
    return () => observer.disconnect();
  }, [element]);
  return width;
}
