import { fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { draw } from '../../../../tests/screens/shop.tsx';
import { Onward } from './Onward.tsx';

function Room({ at, takesOver }: { at: boolean; takesOver: Parameters<typeof Onward>[0]['takesOver'] }) {
  const [done, setDone] = useState(at);
  return (
    <>
      <input aria-label="A reading" />
      <button type="button" onClick={() => setDone(!done)}>
        Do it
      </button>
      <Onward parcelId="p1" here="weigh" done={done} takesOver={takesOver} />
    </>
  );
}
const way = () => screen.getByRole('link', { name: 'Choose its service' });
const doIt = () => fireEvent.click(screen.getByRole('button', { name: 'Do it' }));

test('the way on is there once the work is done, each time anew, and Enter leads on from there', async () => {
  await draw(<Room at={false} takesOver="onceDone" />);
  expect(screen.queryByRole('link')).toBeNull();
  doIt();
  expect(way().getAttribute('href')).toBe('/parcels/p1/rate');
  expect(document.activeElement).toBe(way());
  doIt();
  expect(screen.queryByRole('link')).toBeNull();
  doIt();
  expect(document.activeElement).toBe(way());
});

test('whoever is typing keeps the keyboard', async () => {
  await draw(<Room at={false} takesOver="onceDone" />);
  screen.getByLabelText('A reading').focus();
  doIt();
  expect(way()).toBeTruthy();
  expect(document.activeElement).toBe(screen.getByLabelText('A reading'));
});

test.each([
  ['was done before the page was opened', 'onceDone', false],
  ['may be done in passing', 'never', false],
  ['has just been done', 'now', true],
] as const)('work that %s', async (_, takesOver, takes) => {
  await draw(<Room at takesOver={takesOver} />);
  expect(document.activeElement === way()).toBe(takes);
});
