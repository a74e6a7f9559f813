import { fireEvent, screen, within } from '@testing-library/react';
import { BOARD_GRADES, derivePlan, writePlanDocument } from '@inch-nest/core';
import { box, point, request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { nestOf, parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { FaultBanner } from './FaultBanner.tsx';
import { PieceRow } from '../../parts/PieceRow.tsx';
import { BetweenTile } from './BetweenTile.tsx';
import { StandTile } from './StandTile.tsx';
import { TogetherTile } from './TogetherTile.tsx';

const faults = async (asked: ReturnType<typeof request>, by: Parameters<typeof nestOf>[1]) => {
  const { nest } = nestOf(asked, by);
  await draw(<FaultBanner plan={nest.plan!} parcel={parcelOf(asked)} nest={nest} apart={null} />);
  return nest;
};

test('less bedding than the house wishes is said without alarm, with what keeping it would cost and bring', async () => {
  const by = (choice: Parameters<NonNullable<Parameters<typeof nestOf>[1]>>[0]) => ({
    ...choice,
    box: '10x10x10',
    newDepthIn: null,
    fill: 'mouldedFill',
  });
  await faults(request(), by);
  expect(screen.getByText(/Less bedding than wished/)).toBeTruthy();
  expect(screen.getByText(/the house wishes 2 in/)).toBeTruthy();
  expect(screen.getByText(/keeps it: 1 in [\d,]+ becomes 1 in [\d,]+, (costs|saves) \$/)).toBeTruthy();
  expect(screen.getByRole('alert').className).toContain('mind');
});

test('a gap into which nothing goes would rattle: the fill and the room it wants are named', async () => {
  await faults(request(), (choice) => ({ ...choice, box: '12x12x12', baseGapIn: 0.4, fill: 'mouldedFill' }));
  expect(screen.getByText(/It would rattle: nothing goes into the gap below\./)).toBeTruthy();
  expect(screen.getByText(/moulded loose fill wants 3\/4 in/)).toBeTruthy();
});

test('large bubble next to a bare handle does not follow it', async () => {
  const asked = request({ archetype: 'handledWare', hardPoints: [point('handle', 'right')] });
  await faults(asked, (choice) => ({
    ...choice,
    guards: {},
    layers: [{ material: 'largeBubble', turns: 3 }],
    box: '16x14x12',
    fill: 'mouldedFill',
  }));
  expect(screen.getByText('Large bubble does not follow the handle.')).toBeTruthy();
});

test('a box that is too small is taken as it was chosen, and says what must give so that it does', async () => {
  const asked = request({ lengthIn: 7, widthIn: 7, heightIn: 7 });
  const { nest, taken } = nestOf(asked, (choice) => ({
    ...choice,
    box: '8x8x8',
    newDepthIn: null,
    layers: [{ material: 'largeBubble', turns: 3 }],
  }));
  await draw(<FaultBanner plan={nest.plan!} parcel={parcelOf(asked)} nest={nest} apart={null} />);
  const offered = screen.getByRole('list', { name: 'What must give' });
  const fewer = within(offered).getByRole('button', { name: /less turns? of large bubble|turn less of large bubble|No large bubble/ });
  fireEvent.click(fewer);
  expect(taken.at(-1)!.box).toBe('8x8x8');
  expect(taken.at(-1)!.layers[0]?.turns ?? 0).toBeLessThan(3);
  // and it goes in then
  const derived = derivePlan(asked, taken.at(-1)!);
  expect(derived.kind === 'plan' && writePlanDocument(derived.option, asked.house).faults.map(({ kind }) => kind)).not.toContain(
    'tooSmall',
  );
});

test('with no service in reach the nest stands, and every lack of every service is said', async () => {
  const asked = request(
    { archetype: 'resinWood', lengthIn: 66, widthIn: 5, heightIn: 4, weightLb: 7 },
    { stock: { boxes: [box([72, 10, 10], { board: BOARD_GRADES.heavyDouble })] } },
  );
  const { nest } = nestOf(asked);
  await draw(<FaultBanner plan={nest.plan!} parcel={parcelOf(asked)} nest={nest} apart={null} />);
  expect(screen.getByText(/the price is agreed by hand/)).toBeTruthy();
  expect(screen.getByText(/Nearest: Ground of Ambry Ground would take it, were it .* shorter/)).toBeTruthy();
  expect(screen.getByText(/long, at most 48 in; length and girth .* at most 108 in/)).toBeTruthy();
  expect(screen.getByRole('alert').className).toContain('mind');
});

test('a box of which none is left asks to be fetched', async () => {
  const asked = request({}, { stock: { boxes: [box([12, 12, 12]), box([10, 10, 10], { onHand: 0 })] } });
  await faults(asked, (choice) => ({ ...choice, box: '10x10x10' }));
  expect(screen.getByText('None left of that box.')).toBeTruthy();
});

test('how several stand together is said with how much room it takes, and another way is taken with a press', async () => {
  const set = request({ count: 6, lengthIn: 3, widthIn: 3, heightIn: 5, weightLb: 0.6 });
  const { nest, taken } = nestOf(set, (choice) => ({ ...choice, box: '16x14x12', grid: [3, 2, 1] }));
  await draw(<TogetherTile plan={nest.plan!} parcel={parcelOf(set)} nest={nest} />);
  expect(screen.getByText('6 bundles')).toBeTruthy();
  expect(screen.getByRole('group', { name: 'How they stand' }).textContent).toMatch(/3 × 2.*wraps touching; together/);
  const field = screen.getByRole('combobox', { name: 'How they stand' });
  fireEvent.mouseDown(field);
  const others = (await screen.findAllByRole('option')).filter((one) => one.textContent !== '3 × 2, one layer');
  expect(others.length).toBeGreaterThan(1);
  fireEvent.keyDown(field, { key: 'ArrowDown', keyCode: 40 });
  fireEvent.keyDown(field, { key: 'Enter', keyCode: 13 });
  const grid = taken.at(-1)!.grid!;
  expect(grid).not.toEqual([3, 2, 1]);
  expect(grid[0] * grid[1] * grid[2]).toBeGreaterThanOrEqual(6);
});

test('bare glass in one wrap is refused with its remedy', async () => {
  const set = request({ archetype: 'blownGlass', count: 6, stackOf: 6, lengthIn: 3, widthIn: 3, heightIn: 1, weightLb: 0.4 });
  await faults(set, (choice) => ({ ...choice, box: '16x14x12' }));
  expect(screen.getByText('Bare pieces in one wrap.')).toBeTruthy();
  expect(
    screen.getByText(/6 would lie against each other with nothing between: a sheet between each two, or wrap each by itself/),
  ).toBeTruthy();
});

describe('several different pieces', () => {
  const one = request({ title: 'lamp', archetype: 'fineMetal' });
  const [lamp] = one.order.pieces;
  const asked = {
    ...one,
    order: {
      ...one.order,
      pieces: [lamp!, { ...lamp!, id: 'glass', title: 'glass', archetype: 'blownGlass' as const, lengthIn: 4, widthIn: 4 }],
    },
    pieceIds: [lamp!.id, 'glass'],
  };

  test('a row of tags with letters, sizes and which is in hand', async () => {
    const picked: number[] = [];
    await draw(<PieceRow view={parcelOf(asked).view} at={1} onPick={(at) => picked.push(at)} />);
    const tags = screen.getAllByRole('tab');
    expect(tags.map((tag) => tag.textContent)).toEqual(['Alamp6 × 5 × 5 in', 'Bglass4 × 4 × 5 in']);
    expect(tags.map((tag) => tag.getAttribute('aria-selected'))).toEqual(['false', 'true']);
    fireEvent.click(tags[0]!);
    expect(picked).toEqual([0]);
  });

  test('one alone has no row', async () => {
    await draw(<PieceRow view={parcelOf(one).view} at={0} onPick={() => {}} />);
    expect(screen.queryByRole('tablist')).toBeNull();
  });

  test('how they stand is said by letters, and two change places', async () => {
    const { nest, taken } = nestOf(asked, (choice) => ({ ...choice, stand: { along: 0 as const, parts: [0, 1] } }));
    await draw(<StandTile plan={nest.plan!} nest={nest} />);
    expect(screen.getByText('A beside B')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Swap A and B' }));
    expect(taken.at(-1)!.stand).toEqual({ along: 0, parts: [1, 0] });
  });

  test('what stands in another is told with it: nothing is left to stand otherwise, and it lies as that does', async () => {
    const [lampToo, glass] = asked.order.pieces;
    const within = { pieceId: lampToo!.id, standsOutIn: 1 };
    const held = { ...asked, order: { ...asked.order, pieces: [lampToo!, { ...glass!, within }] } };
    const { nest } = nestOf(held, (choice) => ({ ...choice, box: '16x14x12', stand: { along: 0 as const, parts: [0, 1] } }));
    await draw(<StandTile plan={nest.plan!} nest={nest} />);
    expect(screen.getByText('A with B in it')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Swap A and B' })).toBeNull();
  });

  /** Opens a choice and takes the entry that begins so. */
  const pick = (label: string, entry: RegExp) => {
    fireEvent.mouseDown(screen.getByLabelText(label));
    const all = [...document.querySelectorAll('.ant-select-item-option-content')];
    fireEvent.click(all.find(({ textContent }) => entry.test(textContent))!);
  };

  test('between two neighbours there are their wraps, or a fold of what cushions, as thick as somebody says', async () => {
    const { nest, taken } = nestOf(asked, (choice) => ({ ...choice, stand: { along: 0 as const, parts: [0, 1] } }));
    await draw(<BetweenTile plan={nest.plan!} nest={nest} />);
    expect(screen.getByText('A and B')).toBeTruthy();
    pick('Between A and B', /^1 in of small bubble|^1 1\/16 in of small bubble|of small bubble, folded 6 thick/);
    expect(taken.at(-1)!.between).toEqual([{ pair: [0, 1], material: 'smallBubble', folds: 6 }]);
    // tissue cushions nothing
    expect([...document.querySelectorAll('.ant-select-item-option-content')].some(({ textContent }) => /tissue/.test(textContent))).toBe(
      false,
    );
  });

  test('a fold that is there can be taken out again', async () => {
    const { nest, taken } = nestOf(asked, (choice) => ({
      ...choice,
      box: '16x14x12',
      stand: { along: 0 as const, parts: [0, 1] },
      between: [{ pair: [0, 1] as const, material: 'largeBubble', folds: 2 }],
    }));
    await draw(<BetweenTile plan={nest.plan!} nest={nest} />);
    expect(screen.getByText('7/8 in of large bubble')).toBeTruthy();
    pick('Between A and B', /^wraps touching$/);
    expect(taken.at(-1)!.between).toEqual([]);
  });

  test('dense beside delicate is said with what a fold between would cost and bring, and folded by one press', async () => {
    const iron = {
      ...lamp!,
      title: 'iron',
      archetype: 'rigidMetal' as const,
      lengthIn: 6,
      widthIn: 4,
      heightIn: 5,
      weightLb: 7,
      hardPoints: [],
    };
    const pieces = [iron, { ...asked.order.pieces[1]!, heightIn: 4, weightLb: 0.5, hardPoints: [] }];
    const { nest, taken } = nestOf({ ...asked, order: { ...asked.order, pieces } }, (choice) => ({
      ...choice,
      box: '16x14x12',
      stand: { along: 0 as const, parts: [0, 1] },
      baseGapIn: null,
    }));
    await draw(<FaultBanner plan={nest.plan!} parcel={parcelOf(asked)} nest={nest} apart={null} />);
    expect(screen.getByText(/^(Iron beside glass|Glass beside iron)\.$/)).toBeTruthy();
    expect(
      screen.getByText(/the house wishes 2 in: fold bubble between\. .+ keeps it: 1 in [\d,]+ becomes 1 in [\d,]+, (costs|saves) \$/),
    ).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Fold it' }));
    expect(taken.at(-1)!.between).toHaveLength(1);
  });

  test('a fault says of which piece', async () => {
    await faults(asked, (choice) => ({ ...choice, layers: [], others: choice.others!.map((each) => ({ ...each, layers: [] })) }));
    expect(screen.getAllByText(/^(lamp|glass): /).length).toBeGreaterThan(0);
  });
});
