import { derivePlan, writePlanDocument } from '@inch-nest/core';
import { CHOICE, point, request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { drawPaperOf, openingSteps, PAPERS } from './papers.ts';
import type { PaperFacts } from './PaperFacts.ts';

const asked = request({ hardPoints: [{ ...point('handle', 'right'), guard: 'foamTube' }] });
const derived = derivePlan(asked, {
  ...CHOICE,
  layers: [
    { material: 'tissue', turns: 1 },
    { material: 'smallBubble', turns: 1 },
    { material: 'largeBubble', turns: 2 },
  ],
});
if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
const plan = writePlanDocument(derived.option, asked.house);
const FACTS: PaperFacts = {
  shopName: 'Lantern Row',
  fromPostcode: '10115',
  toPostcode: '40217',
  tag: 'EV–HM',
  code: '7K2M',
  title: 'bowl',
  accessories: ['2 × lid'],
  serial: null,
  weight: '3 lb 9 oz',
  size: '12 × 12 × 12 in',
  day: '2026-11-26',
  plan,
  keepUpright: true,
  label: { carrier: 'Ambry Ground', serviceName: 'Ground', tracking: 'AG40000037', signature: true },
};

test('the opening card is the wrapping backwards: outermost layer first, guards last', () => {
  const steps = openingSteps(plan);
  const at = (word: string) => steps.findIndex((step) => step.toLowerCase().includes(word));
  expect([at('large bubble'), at('small bubble'), at('tissue'), at('guard off the handle')]).toEqual(
    [at('large bubble'), at('small bubble'), at('tissue'), at('guard off the handle')].sort((a, b) => a - b),
  );
  expect(at('large bubble')).toBeGreaterThan(0);
  expect(steps.at(-1)).toMatch(/guard off the handle/);
});

test.each(PAPERS)('%s is one page of a PDF with its own faces in it', async (kind) => {
  const bytes = (await drawPaperOf(kind, FACTS))!;
  const text = bytes.toString('latin1');
  expect(text.slice(0, 5)).toBe('%PDF-');
  expect(text.match(/\/Type \/Page\b/g)).toHaveLength(1);
  expect(text).toMatch(/\/FontFile2/);
});

test('a label is 4 by 6 inches; without one bought there is none', async () => {
  expect((await drawPaperOf('label', FACTS))!.toString('latin1')).toContain('/MediaBox [0 0 288 432]');
  expect(drawPaperOf('label', { ...FACTS, label: null })).toBeNull();
  expect(drawPaperOf('opening', { ...FACTS, plan: null })).toBeNull();
});
