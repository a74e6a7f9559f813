import { render } from '@testing-library/react';
import { useRef } from 'react';
import { useInSight } from './useInSight.ts';

function Card() {
  const of = useRef<HTMLElement>(null);
  useInSight(of);
  return (
    <div className="sheet">
      <section ref={of} />
    </div>
  );
}
/** A card whose head stands so high in a window of 768 px, in a sheet that begins at 76 px. */
function shownAt(top: number): unknown[] {
  const asked: unknown[] = [];
  jest.spyOn(Element.prototype, 'getBoundingClientRect').mockImplementation(function at(this: Element) {
    return { top: this.className === 'sheet' ? 76 : top } as DOMRect;
  });
  Element.prototype.scrollIntoView = (how) => void asked.push(how);
  render(<Card />);
  jest.restoreAllMocks();
  return asked;
}

test.each([
  ['above the sheet, since somebody has scrolled down', -900, 1],
  ['behind what stands over the sheet', 60, 1],
  ['below the window', 2000, 1],
  ['in sight', 200, 0],
])('a step whose head is %s', (_, top, times) => {
  expect(shownAt(top)).toEqual(Array.from({ length: times }, () => ({ block: 'start' })));
});
