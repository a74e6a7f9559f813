import { renderToStaticMarkup } from 'react-dom/server';
import { derivePlan, writePlanDocument, type PlanChoice } from '@inch-nest/core';
import { box, point, request } from '../../../../packages/core/tests/sampleRequest.ts';
import { CausesBar } from './CausesBar.tsx';
import { NestDrawing } from './NestDrawing.tsx';
import type { ViewName } from './nestGeometry.ts';
import type { PullUse } from './Pulls.tsx';

const asked = request(
  { archetype: 'handledWare', lengthIn: 9, widthIn: 6, heightIn: 7, weightLb: null, hardPoints: [point('handle', 'right')] },
  { stock: { boxes: [box([16, 14, 12])] } },
);
const CHOICE: PlanChoice = {
  layers: [
    { material: 'smallBubble', turns: 2 },
    { material: 'largeBubble', turns: 1 },
  ],
  orientation: [0, 1, 2],
  inner: null,
  box: '16x14x12',
  fill: 'mouldedFill',
  newDepthIn: null,
  liner: false,
  board: false,
  baseGapIn: 1.5,
  service: 'ground',
  coverAdded: false,
  signature: false,
};
const derived = derivePlan(asked, CHOICE);
if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
const plan = writePlanDocument(derived.option, asked.house);
const draw = (
  width: number,
  shows: readonly [ViewName, ViewName] = ['above', 'front'],
  pull: PullUse | null = null,
  drawn: typeof plan = plan,
) =>
  renderToStaticMarkup(
    <NestDrawing
      shows={shows}
      plan={drawn}
      width={width}
      leastGapIn={2}
      pull={pull}
      write={(inches, unit) => `${inches.toFixed(1)}${unit ? ' in' : ''}`}
    />,
  );
const numbers = (markup: string, pattern: RegExp) => [...markup.matchAll(pattern)].map((match) => Number(match[1]));

// the cross is as high as the plan says, over the room that is left, and is not seen from above
test('a cross under the lid is drawn to scale over the fill', () => {
  const crossed = derivePlan(asked, { ...CHOICE, crossIn: 3 });
  if (crossed.kind === 'noPlan') throw new Error(crossed.reasons.join());
  const markup = draw(766, ['above', 'front'], null, writePlanDocument(crossed.option, asked.house));
  expect(markup.match(/data-part="cross"/g)).toHaveLength(1);
  const [k] = numbers(markup, /data-scale="([\d.]+)"/g);
  const [height] = numbers(markup, /data-part="cross"[^>]*><rect y="-[\d.]+" width="[\d.]+" height="([\d.]+)"/g);
  expect(height! / k!).toBeCloseTo(3, 6);
  const [, inside] = numbers(markup, /data-part="inside" width="[\d.]+" height="([\d.]+)"/g);
  expect(inside! / k!).toBeCloseTo(12 - 3, 6);
  expect(draw(766)).not.toContain('data-part="cross"');
});

// four round ones from above, the nearer two as columns from the front, each as thick as the plan says
test('foam tubes stand in the corners to scale', () => {
  const wedged = derivePlan(asked, { ...CHOICE, tubes: true });
  if (wedged.kind === 'noPlan') throw new Error(wedged.reasons.join());
  const document = writePlanDocument(wedged.option, asked.house);
  const { acrossIn } = document.tubes!;
  const markup = draw(766, ['above', 'front'], null, document);
  const [k] = numbers(markup, /data-scale="([\d.]+)"/g);
  const widths = numbers(markup, /data-part="tube"[^>]*? width="([\d.]+)"/g);
  expect(widths.map((width) => width / k!)).toEqual(Array.from({ length: 6 }, () => expect.closeTo(acrossIn, 6) as number));
  const heights = numbers(markup, /data-part="tube"[^>]*? height="([\d.]+)"/g);
  expect(
    heights
      .map((height) => height / k!)
      .sort((a, b) => a - b)
      .slice(3),
  ).toEqual([acrossIn, document.box.insideIn[2], document.box.insideIn[2]].map((size) => expect.closeTo(size, 6) as number));
  expect(markup).toContain('Foam tube');
  expect(draw(766)).not.toContain('data-part="tube"');
});

// a core is round for an eye that looks along it, and runs from wall to wall for one that does not
test('a core is drawn from end to end, and round at its end', () => {
  const tube = box([36, 4, 4], { key: 'tube', style: 'tube', measuredOutsideIn: [36, 4.25, 4.25] });
  const spyglass = request(
    { archetype: 'optics', form: 'tube', lengthIn: 8, widthIn: 2, heightIn: 2 },
    { stock: { boxes: [box([16, 14, 12]), tube] } },
  );
  const cored = derivePlan(spyglass, {
    ...CHOICE,
    layers: [{ material: 'largeBubble', turns: 1 }],
    baseGapIn: null,
    inner: { box: 'tube', fill: 'mouldedFill' },
  });
  if (cored.kind === 'noPlan') throw new Error(cored.reasons.join());
  const markup = draw(766, ['front', 'side'], null, writePlanDocument(cored.option, spyglass.house));
  const [k] = numbers(markup, /data-scale="([\d.]+)"/g);
  const widths = numbers(markup, /data-part="inner-box"[^>]*? width="([\d.]+)"/g);
  expect(widths.map((width) => width / k!)).toEqual([expect.closeTo(16 - 1 / 16, 6), expect.closeTo(4.25, 6)]);
  const rounds = numbers(markup, /data-part="inner-box"[^>]*? rx="([\d.]+)"/g);
  expect(rounds.map((radius) => radius / k!)).toEqual([expect.closeTo(4.25 / 2, 6)]);
});

test('both sections share one scale', () => {
  const markup = draw(766);
  const [k] = numbers(markup, /data-scale="([\d.]+)"/g);
  const widths = numbers(markup, /data-part="inside" width="([\d.]+)"/g);
  expect(widths.map((width) => width / k!)).toEqual([expect.closeTo(16, 6), expect.closeTo(16, 6)]);
  const heights = numbers(markup, /data-part="inside" width="[\d.]+" height="([\d.]+)"/g);
  expect(heights.map((height) => height / k!)).toEqual([expect.closeTo(14, 6), expect.closeTo(12, 6)]);
});

test('dimension lines say the plan’s numbers; a thin gap stands in the danger ink', () => {
  const markup = draw(766);
  expect(markup).toContain('16.0 in inside');
  expect(markup).toContain(`>${plan.gaps.top.toFixed(1)}<`);
  expect(markup).toMatch(/stroke:var\(--rust\)">(<line[^>]*><\/line>){3}<text[^>]*>1\.5</);
});

test('what is guessed is drawn dashed', () => expect(draw(766)).toContain('stroke:var(--ochre);stroke-width:1.6;stroke-dasharray:6 4'));

test('the legend names each material once, and the whole is said in words', () => {
  const markup = draw(766);
  for (const name of ['Piece', 'Small bubble', 'Large bubble', 'Moulded loose fill', 'Single wall'])
    expect(markup.match(new RegExp(`>${name}<`, 'g'))).toHaveLength(1);
  expect(markup).toMatch(/aria-label="bowl: 2 turns of small bubble, 1 turn of large bubble; box 16×14×12; bedding 1\.5 in below/);
});

test.each([300, 390, 560, 766, 1200])('nothing is drawn outside of a page %p wide', (width) => {
  const markup = draw(width);
  const height = numbers(markup, /<svg[^>]* height="([\d.]+)"/g)[0]!;
  const k = numbers(markup, /data-scale="([\d.]+)"/g)[0]!;
  const origins = [...markup.matchAll(/<g transform="translate\(([\d.]+) ([\d.]+)\)" class="nest-view"/g)].map(
    (match) => [Number(match[1]), Number(match[2])] as const,
  );
  expect(origins).toHaveLength(2);
  origins.forEach(([x, y], i) => {
    expect(x + 16 * k).toBeLessThanOrEqual(width);
    expect(y + [14, 12][i]! * k).toBeLessThanOrEqual(height);
  });
  expect(origins[1]![0] > origins[0]![0] + 16 * k || origins[1]![1] > origins[0]![1] + 14 * k).toBe(true);
});

test('the bar of causes shows their shares, greatest first, and leaves crumbs out', () => {
  const markup = renderToStaticMarkup(
    <CausesBar
      width={200}
      causes={[
        { key: 'crush', fate: 'breaks', chance: 0.001, shareLost: 1 },
        { key: 'shock', fate: 'breaks', chance: 0.008, shareLost: 1 },
        { key: 'contact', fate: 'breaks', chance: 0.000999, shareLost: 1 },
        { key: 'wet', fate: 'spoils', chance: 0.000001, shareLost: 0.5 },
      ]}
    />,
  );
  expect(markup).toContain('landing hard 80% · crush 10% · touching 10%');
  expect(numbers(markup, / width="([\d.]+)" height="14"/g)).toEqual([
    expect.closeTo(158.5, 0),
    expect.closeTo(18.5, 0),
    expect.closeTo(18.5, 0),
  ]);
});

test('from the side: the box’s width and depth, at the scale of the front', () => {
  const markup = draw(766, ['front', 'side']);
  const [k] = numbers(markup, /data-scale="([\d.]+)"/g);
  const widths = numbers(markup, /data-part="inside" width="([\d.]+)"/g);
  expect(widths.map((width) => width / k!)).toEqual([expect.closeTo(16, 6), expect.closeTo(14, 6)]);
});

test('two sections and the legend stay on the page, wide or narrow', () => {
  for (const width of [360, 560, 766, 1000]) {
    const markup = draw(width);
    const [k] = numbers(markup, /data-scale="([\d.]+)"/g);
    const starts = numbers(markup, /translate\(([\d.]+) [\d.]+\)" class="nest-view"/g);
    for (const x of starts) expect(x + 16 * k!).toBeLessThanOrEqual(width);
  }
});

test('walls and bundle can be taken hold of only where something comes of it', () => {
  expect(draw(766)).not.toContain('role="slider"');
  const boxes = [{ key: 'a', name: 'a', insideIn: [18, 14, 12] as const }];
  const markup = draw(766, ['above', 'front'], { boxes, onBox: () => undefined, onLift: () => undefined });
  expect(numbers(markup, /aria-valuenow="([\d.]+)"/g).sort()).toEqual([1.5, 12, 14, 16, 16]);
  expect(markup).toContain('aria-label="Box depth, front"');
});
