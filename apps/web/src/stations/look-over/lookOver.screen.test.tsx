import { fireEvent, screen, within } from '@testing-library/react';
import { ARCHETYPES, type HardPoint, type Hollow, type StandingWish } from '@inch-nest/core';
import type { Accessory } from '@inch-nest/contracts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { GoesWith } from './GoesWith.tsx';
import { HardPointList } from './HardPointList.tsx';
import { Hollows } from './Hollows.tsx';
import { HowItLies } from './HowItLies.tsx';
import { KindKeys } from './KindKeys.tsx';

const type = (label: string, text: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
};

const choose = (label: string, option: string) => {
  fireEvent.mouseDown(screen.getByLabelText(label));
  const found = [...document.querySelectorAll('.ant-select-item-option-content')].find(({ textContent }) => textContent === option);
  fireEvent.click(found!);
};

describe('what goes with a piece', () => {
  const PANS: Accessory = { id: 'pans', name: 'brass pan', count: 2, part: 'apart' };
  const LID: Accessory = { id: 'lid', name: 'lid', count: 1, part: 'off' };
  let kept: (readonly Accessory[])[];
  const shown = (list: readonly Accessory[]) => draw(<GoesWith list={list} onChange={(next) => kept.push(next)} />);
  beforeEach(() => (kept = []));

  test('is counted and named; the other parts stay as they were', async () => {
    await shown([PANS, LID]);
    const [count] = screen.getAllByLabelText('How many');
    fireEvent.change(count!, { target: { value: '3' } });
    fireEvent.blur(count!);
    expect(kept).toEqual([[{ ...PANS, count: 3 }, LID]]);
  });

  test.each(['', '0', '-2', '1.5', 'a pair'])('“%s” pieces are refused and nothing is kept', async (wrong) => {
    await shown([PANS]);
    type('How many', wrong);
    expect(screen.getByText('✗ a whole number up to 999')).toBeTruthy();
    expect(kept).toEqual([]);
  });

  test('is taken out by its own cross alone', async () => {
    await shown([PANS, LID]);
    fireEvent.click(screen.getByRole('button', { name: 'No brass pan' }));
    expect(kept).toEqual([[LID]]);
  });

  test('a new part has an id of its own and lies beside the piece; two dozen are enough', async () => {
    const { unmount } = await shown([LID]);
    fireEvent.click(screen.getByRole('button', { name: /A part or accessory/ }));
    expect(kept[0]!.at(-1)).toMatchObject({ count: 1, part: 'apart' });
    expect(kept[0]!.at(-1)!.id).not.toBe(LID.id);
    unmount();
    await shown(Array.from({ length: 24 }, (_, i) => ({ ...LID, id: `lid-${i}` })));
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /A part or accessory/ }).disabled).toBe(true);
  });
});

describe('what goes along weighs and takes room', () => {
  const LEADS: Accessory = { id: 'leads', name: 'leads', count: 2, part: 'apart', weightLb: 0.5 };
  let kept: (readonly Accessory[])[];
  const shown = (one: Accessory, person?: string) =>
    draw(<GoesWith list={[one]} onChange={(next) => kept.push(next)} />, person ? { person } : {});
  beforeEach(() => (kept = []));

  test('as typed, in whatever units; emptied it is not known again', async () => {
    await shown(LEADS);
    type('Size of one leads', '10 cm x 5 cm x 1 in');
    expect(kept.at(-1)![0]).toMatchObject({ weightLb: 0.5, sizeIn: [10, 5, 2.54].map((cm) => expect.closeTo(cm / 2.54, 9) as number) });
    type('Weight of one leads', '');
    expect(kept.at(-1)![0]).not.toHaveProperty('weightLb');
  });

  test.each([
    ['Weight of one leads', 'light'],
    ['Weight of one leads', '4 x 4 x 4'],
    ['Size of one leads', '4 x 4'],
    ['Size of one leads', '2 lb'],
  ])('%s: “%s” is refused and nothing is kept', async (label, wrong) => {
    await shown(LEADS);
    type(label, wrong);
    expect(screen.getByText(/^✗ (a weight|three sides), like/)).toBeTruthy();
    expect(kept).toEqual([]);
  });

  test('a part that comes off weighs with its piece: nothing is asked of it', async () => {
    await shown({ ...LEADS, part: 'off' });
    expect(screen.queryByLabelText('Weight of one leads')).toBeNull();
  });
});

describe('a hollow', () => {
  const BOWL: Hollow = { id: 'bowl', name: 'the bowl', volumeIn3: 20, filled: false, material: null };
  let kept: (readonly Hollow[])[];
  const shown = (person: string, hollow = BOWL, taken: Hollow | null = null) =>
    draw(<Hollows hollows={[hollow]} taken={taken} onChange={(next) => kept.push(next)} />, { person });
  beforeEach(() => (kept = []));

  // 1 in³ is 16.387064 cm³ exactly (the inch is 2.54 cm by definition)
  test.each([
    ['odile', '20 in³', '30', 30],
    ['odile', '20 in³', '2 x 3 x 4 in', 24],
    ['tam', '328 cm³', '163.87064', 10],
    ['tam', '328 cm³', '5.08 x 2.54 x 2.54', 2],
  ])('of %s has %s of room; “%s” is kept as ours', async (person, shownAs, typed, volumeIn3) => {
    await shown(person);
    expect(screen.getByLabelText<HTMLInputElement>('Room in the bowl').value).toBe(shownAs);
    type('Room in the bowl', typed);
    expect(kept[0]![0]!.volumeIn3).toBeCloseTo(volumeIn3, 6);
  });

  test('in which another piece stands is filled by that', async () => {
    const { unmount } = await shown('odile');
    expect(screen.getByText('left empty it costs strength')).toBeTruthy();
    unmount();
    await shown('odile', BOWL, BOWL);
    expect(screen.getByText('filled by what stands in it')).toBeTruthy();
  });

  test.each([
    ['odile', '✗ its room, like 20 or 2 x 3 x 4 in'],
    ['tam', '✗ its room, like 330 or 5 x 8 x 10 cm'],
  ])('that does not read tells %s what would, in their own units', async (person, says) => {
    await shown(person);
    type('Room in the bowl', 'roomy');
    expect(screen.getByText(says)).toBeTruthy();
    expect(kept).toEqual([]);
  });

  test('left empty says what it costs; filled asks with what', async () => {
    const { unmount } = await shown('odile');
    expect(screen.getByText('left empty it costs strength')).toBeTruthy();
    fireEvent.click(screen.getByRole('switch'));
    expect(kept).toEqual([[{ ...BOWL, filled: true }]]);
    unmount();
    await shown('odile', { ...BOWL, filled: true });
    expect(screen.queryByText('left empty it costs strength')).toBeNull();
    expect(screen.getByLabelText('What fills the bowl')).toBeTruthy();
  });
});

describe('a hard point', () => {
  const SPOUT = { id: 'spout', kind: 'spout', face: 'left', reachIn: 1.5, guard: null, at: [0.5, 0.5] } as unknown as HardPoint;
  const said: unknown[] = [];
  beforeEach(() => said.splice(0));
  const GUARD_LENGTH = 'Length of the guard of hard point 1';
  const shown = (person: string, point = SPOUT) =>
    draw(
      <HardPointList
        points={[point]}
        selected={null}
        onSelect={(id) => said.push(['selected', id])}
        onChange={(id, part) => said.push([id, part])}
        onRemove={(id) => said.push(['gone', id])}
      />,
      { person },
    );

  test.each([
    ['odile', '1 1/2 in', '2 1/4', 2.25],
    ['tam', '3.8 cm', '5.08', 2],
    ['odile', '1 1/2 in', '0', 0],
  ])('of %s stands out by %s; “%s” is kept as ours', async (person, shownAs, typed, reachIn) => {
    await shown(person);
    expect(screen.getByLabelText<HTMLInputElement>('Stands out by').value).toBe(shownAs);
    type('Stands out by', typed);
    expect(said).toContainEqual(['spout', { reachIn: expect.closeTo(reachIn, 6) as number }]);
  });

  test.each([
    ['odile', '90', '✗ a length up to 60 in, like 2 1/4 in'],
    ['tam', '300', '✗ a length up to 152.4 cm, like 5.5 cm'],
  ])('beyond what can be tells %s so', async (person, typed, says) => {
    await shown(person);
    type('Stands out by', typed);
    expect(screen.getByText(says)).toBeTruthy();
    expect(said.filter((one) => (one as unknown[])[0] === 'spout')).toEqual([]);
  });

  test('bare says what strength is left, guarded how long to cut the guard, half an inch past the part', async () => {
    const { unmount } = await shown('odile');
    expect(screen.getByText(/^bare: the piece keeps \d+% of its strength$/)).toBeTruthy();
    unmount();
    await shown('odile', { ...SPOUT, guard: 'foamTube' });
    expect(screen.getByText(/^guarded: the piece keeps 94% of its strength$/)).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>(GUARD_LENGTH).value).toBe('2 in');
    expect(screen.getByText('cut to; 1/2 in past the part')).toBeTruthy();
  });

  test('a handle is a hoop: its guard runs half a circle, not as far as it stands out', async () => {
    await shown('odile', { ...SPOUT, kind: 'handle', guard: 'foamTube' });
    // 1 1/2 in of reach: 3.14159 × 1.5 + 0.5 = 5.21, in sixteenths
    expect(screen.getByLabelText<HTMLInputElement>(GUARD_LENGTH).value).toBe('5 3/16 in');
  });

  test('a length of one’s own is kept, said to be short where it is, and taken back by emptying it', async () => {
    const { unmount } = await shown('odile', { ...SPOUT, guard: 'foamTube' });
    type(GUARD_LENGTH, '1 in');
    expect(said).toContainEqual(['spout', { guardLengthIn: 1 }]);
    unmount();
    await shown('odile', { ...SPOUT, guard: 'foamTube', guardLengthIn: 1 });
    expect(screen.getByText('⚠ shorter than the spout runs: 2 in is wanted')).toBeTruthy();
    type(GUARD_LENGTH, '');
    expect(said).toContainEqual(['spout', { guardLengthIn: null }]);
  });

  test('a guard goes where the finish asks, or over as many layers as somebody says', async () => {
    const UNDER = 'Under the guard of hard point 1';
    const { unmount } = await shown('odile');
    expect(screen.queryByLabelText(UNDER)).toBeNull();
    unmount();
    const { unmount: again } = await shown('odile', { ...SPOUT, guard: 'foamTube' });
    expect(screen.getByText('where the finish asks')).toBeTruthy();
    choose(UNDER, 'over 1 layer');
    expect(said).toContainEqual(['spout', { guardOver: 1 }]);
    again();
    await shown('odile', { ...SPOUT, guard: 'foamTube', guardOver: 1 });
    choose(UNDER, 'where the finish asks');
    expect(said).toContainEqual(['spout', { guardOver: null }]);
  });

  test('a cap is cut to no length', async () => {
    await shown('odile', { ...SPOUT, guard: 'cap' });
    expect(screen.queryByLabelText(GUARD_LENGTH)).toBeNull();
  });

  test('is taken off by its cross', async () => {
    await shown('odile');
    fireEvent.click(screen.getByRole('button', { name: 'Remove hard point 1' }));
    expect(said).toContainEqual(['gone', 'spout']);
  });

  test('none of them: the body decides, and it is said', async () => {
    await draw(<HardPointList points={[]} selected={null} onSelect={() => {}} onChange={() => {}} onRemove={() => {}} />);
    expect(screen.getByText('None pinned: the body itself decides.')).toBeTruthy();
  });
});

test('every kind of piece has a key of its own, and a touch and the key pick the same', async () => {
  const picked: string[] = [];
  await draw(<KindKeys value="compactCeramic" onPick={(kind) => picked.push(kind)} />);
  const kinds = Object.values(ARCHETYPES);
  expect(new Set(kinds.map((kind) => kind.hotkey)).size).toBe(kinds.length);
  const keys = within(screen.getByRole('region', { name: 'What kind of piece' })).getAllByRole('button');
  expect(keys).toHaveLength(kinds.length);
  for (const [i, kind] of kinds.entries()) {
    fireEvent.click(keys[i]!);
    fireEvent.keyDown(document.body, { key: kind.hotkey, code: `Key${kind.hotkey.toUpperCase()}` });
    expect(picked.splice(0)).toEqual([kind.key, kind.key]);
  }
  expect(keys.filter((key) => key.getAttribute('aria-pressed') === 'true').map((key) => key.textContent)).toEqual([
    expect.stringContaining(ARCHETYPES.compactCeramic.name),
  ]);
});

describe('how it lies', () => {
  let picked: StandingWish[];
  const shown = (value: StandingWish, isAlone: boolean, onEdge = false) =>
    draw(
      <HowItLies
        onEdge={onEdge}
        field={{ value, pick: (next) => picked.push(next), clash: null, settle: () => undefined, problem: null }}
        isAlone={isAlone}
      />,
    );
  const asked = () => screen.getAllByRole('checkbox').map((one) => one.closest('label')!.textContent);
  beforeEach(() => (picked = []));

  test('alone it is asked how it lies, and what is ticked is kept', async () => {
    await shown('anywhere', true);
    expect(asked()).toEqual(['lying', 'on end or on edge']);
    fireEvent.click(screen.getByText('lying'));
    expect(picked).toEqual(['lying']);
  });

  test('among others it is asked where among them too, and several are wanted at once', async () => {
    const { unmount } = await shown('anywhere', false);
    expect(asked()).toHaveLength(6);
    fireEvent.click(screen.getByText('nothing on it'));
    expect(picked).toEqual(['nothingOnIt']);
    unmount();
    await shown('lying', false);
    fireEvent.click(screen.getByText('at the bottom'));
    expect(picked.at(-1)).toEqual(['lying', 'onFloor']);
    // nothing lies and stands on end
    fireEvent.click(screen.getByText('on end or on edge'));
    expect(picked.at(-1)).toBe('onEnd');
  });

  test('it is said how it lies where nobody ticks anything', async () => {
    const { unmount } = await shown('anywhere', true);
    expect(screen.getByText('any way that fits')).toBeTruthy();
    unmount();
    await shown('onFloor', false, true);
    expect(screen.getByText('on edge, as the house has several plates')).toBeTruthy();
  });

  test('what was wanted among others can be taken back when they are gone', async () => {
    await shown(['lying', 'between'], true);
    expect(asked()).toEqual(['lying', 'on end or on edge', 'between the others']);
    fireEvent.click(screen.getByText('between the others'));
    expect(picked).toEqual(['lying']);
  });
});
