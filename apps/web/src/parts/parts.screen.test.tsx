import { act, fireEvent, screen } from '@testing-library/react';
import { draw, keeping, SHOP } from '../../../../tests/screens/shop.tsx';
import { useShop } from '../session/ShopContext.tsx';
import { useSaveShop } from '../session/useSaveShop.ts';
import { shopPartWords } from '../words/shopPartWords.ts';
import { FigureField } from './FigureField.tsx';
import { KeepTrouble } from './KeepTrouble.tsx';
import { KeptText } from './KeptText.tsx';
import { Problems } from './Problems.tsx';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());
const wait = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

const type = (label: string, text: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
};

describe('a figure', () => {
  const figure = (
    person: string,
    kept: number[],
    measure: 'plain' | 'volume' | 'perVolume' = 'plain',
    kind: 'number' | 'money' | 'length' = 'number',
  ) =>
    draw(
      <FigureField
        id="f"
        label="A figure"
        value={10}
        kind={kind}
        least={0}
        most={5000}
        measure={measure}
        onKeep={(value) => kept.push(value)}
      />,
      { person },
    );

  test.each<[string, 'plain' | 'volume' | 'perVolume', 'number' | 'money' | 'length', string, string, number]>([
    ['odile', 'volume', 'number', '10', '20', 20],
    // a cubic foot is 28.316846592 litres, exactly
    ['tam', 'volume', 'number', '283.17', '28.316846592', 1],
    ['tam', 'perVolume', 'money', '0.35', '3.53', (353 * 28.316846592) / 100],
    ['tam', 'plain', 'length', '25.4 cm', '5.08 cm', 2],
    ['odile', 'plain', 'length', '10 in', '2 1/4', 2.25],
  ])('of %s in %s %s is shown as %s; “%s” is kept as ours', async (person, measure, kind, shown, typed, value) => {
    const kept: number[] = [];
    await figure(person, kept, measure, kind);
    expect(screen.getByLabelText<HTMLInputElement>('A figure').value).toBe(shown);
    type('A figure', typed);
    expect(kept).toEqual([expect.closeTo(value, 6)]);
  });

  test('that does not read, or lies beyond what can be, stays in its place with its reason; Escape brings back what was', async () => {
    const kept: number[] = [];
    await figure('odile', kept);
    for (const wrong of ['many', '-1', '99999']) {
      type('A figure', wrong);
      expect(screen.getByText(/^✗/)).toBeTruthy();
      expect(screen.getByLabelText<HTMLInputElement>('A figure').value).toBe(wrong);
    }
    expect(kept).toEqual([]);
    fireEvent.keyDown(screen.getByLabelText('A figure'), { key: 'Escape' });
    expect(screen.getByLabelText<HTMLInputElement>('A figure').value).toBe('10');
  });
});

test('a short text is kept when it is left, refused where it does not read', async () => {
  const kept: number[] = [];
  const read = (text: string) => (/^\d+$/.test(text) ? Number(text) : null);
  await draw(<KeptText label="Pieces" shown="3" read={read} wanted="a number" onKeep={(value: number) => kept.push(value)} />);
  type('Pieces', 'lots');
  expect(screen.getByText('✗ a number')).toBeTruthy();
  type('Pieces', '12');
  expect(kept).toEqual([12]);
});

test('many problems are shown as the first dozen and how many more', async () => {
  await draw(<Problems list={Array.from({ length: 15 }, (_, i) => `row ${i}: no`)} />);
  expect(screen.getAllByRole('listitem')).toHaveLength(13);
  expect(screen.getByText('and 3 more')).toBeTruthy();
});

function Rules() {
  const { shop, kept } = useShop();
  const saving = useSaveShop();
  const [box] = shop.stock.boxes;
  return (
    <>
      <p>
        care {shop.house.care}, {box!.onHand} on hand
      </p>
      <button type="button" onClick={() => saving.save({ house: { ...kept.house, care: 3 } })}>
        care more
      </button>
      <button
        type="button"
        onClick={() =>
          saving.save({
            stock: { ...kept.stock, boxes: kept.stock.boxes.map((one) => (one.key === box!.key ? { ...one, onHand: 41 } : one)) },
          })
        }
      >
        count
      </button>
      <button type="button" onClick={saving.takeBack}>
        back
      </button>
      <KeepTrouble saving={saving} nameOf={(path) => shopPartWords(path, kept)} />
    </>
  );
}

describe('the shop', () => {
  test('shows a change at once and sends that cell alone; taking it back sends what was', async () => {
    const { sent, answer } = keeping();
    await draw(<Rules />, { answer });
    const [box] = SHOP.stock.boxes;
    fireEvent.click(screen.getByText('count'));
    expect(screen.getByText(/41 on hand/)).toBeTruthy();
    await wait(500);
    expect(sent).toMatchObject([{ path: `boxes/${box!.key}/onHand`, value: 41, basedOn: 7 }]);
    fireEvent.click(screen.getByText('back'));
    await wait(500);
    expect(sent[1]).toMatchObject({ path: `boxes/${box!.key}/onHand`, value: box!.onHand });
  });

  test('what somebody else kept meanwhile is shown beside one’s own, and a press ends it', async () => {
    await draw(<Rules />, {
      answer: (_, path) =>
        path.endsWith('/kept')
          ? { verdicts: [{ path: 'house/care', kind: 'clash', theirs: { text: '5', by: 'Tam Verrick', revision: 9 } }], whole: SHOP }
          : undefined,
    });
    fireEvent.click(screen.getByText('care more'));
    await wait(500);
    expect(screen.getByRole('alert').textContent).toMatch(/Tam Verrick changed care to 5 while you made it 3/);
    fireEvent.click(screen.getByText('Keep Tam Verrick’s'));
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.getByText(/care 1,|care 2,/)).toBeTruthy();
  });

  test('what cannot be so says why, in its own words, until it is let go', async () => {
    await draw(<Rules />, {
      answer: (_, path) =>
        path.endsWith('/kept')
          ? { verdicts: [{ path: `boxes/${SHOP.stock.boxes[0]!.key}/onHand`, kind: 'refused', problem: 'too many' }], whole: SHOP }
          : undefined,
    });
    fireEvent.click(screen.getByText('count'));
    await wait(500);
    expect(screen.getByRole('alert').textContent).toContain(`${SHOP.stock.boxes[0]!.name}, on hand: too many`);
    fireEvent.click(screen.getByText('Leave it as it was'));
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
