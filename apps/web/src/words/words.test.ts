import { FACTS } from '../../../../packages/core/tests/sampleRequest.ts';
import { cautionsFor } from './cautionsFor.ts';
import { writersFor } from './writers.ts';
import { weighingAdvice } from './weighingAdvice.ts';

const weight = {
  grossLb: 4,
  plusMinusLb: 0.1,
  parts: [
    { part: 'piece', weightLb: 2, plusMinusLb: 0.02 },
    { part: 'fill', weightLb: 0.4, plusMinusLb: 0.08 },
    { part: 'box', weightLb: 1.6, plusMinusLb: 0.08 },
  ],
};

test.each<[number, number, boolean, RegExp]>([
  [4.15, 0.005, false, /As reckoned/],
  [3.6, 0.01, true, /6\.4 oz light: is everything in\? The fill weighs about that/],
  [5.5, 0, true, /1 lb 8 oz heavy/],
  [4, 0.05, true, /readings differ by 0\.8 oz/],
])('a weighing of %p lb with a spread of %p', (weightLb, spreadLb, odd, words) => {
  const advice = weighingAdvice(weightLb, spreadLb, weight, writersFor('imperial', 'USD'));
  expect(advice.odd).toBe(odd);
  expect(advice.words).toMatch(words);
});

test.each<[string, number, number, boolean]>([
  ['an ounce between readings of 36 lb is nothing', 36, 1 / 16, false],
  ['half a pound between them is something', 36, 0.5, true],
  ['an ounce between readings of 2 lb is something', 2, 1 / 16, true],
  ['three pounds more than 36 is something, however roughly it was reckoned', 39, 0, true],
  ['a pound more than 36 reckoned roughly is nothing', 37, 0, false],
])('%s', (_, weightLb, spreadLb, odd) => {
  const grossLb = weightLb < 3 ? 2 : 36;
  expect(weighingAdvice(weightLb, spreadLb, { ...weight, grossLb, plusMinusLb: grossLb / 20 }, writersFor('imperial', 'USD')).odd).toBe(
    odd,
  );
});

test('light, and something goes with it: that is asked after first', () =>
  expect(weighingAdvice(weight.grossLb - 0.4, 0, weight, writersFor('imperial', 'USD'), ['brass pans']).words).toBe(
    '6.4 oz light: are the brass pans in?',
  ));

test('cautions appear when they apply', () => {
  const says = (more: Partial<typeof FACTS>, weightLb = 2) => cautionsFor({ ...FACTS, ...more }, weightLb).join(' ');
  expect(says({}, 51)).toMatch(/lift it by two/);
  expect(says({}, 50)).not.toMatch(/lift/);
  expect(says({ title: 'ship’s clock with radium dial' })).toMatch(/dangerous-goods/);
  expect(says({ title: 'mercury-free storm glass' })).not.toMatch(/dangerous-goods/);
  expect(says({ title: 'ivory folding rule' })).toMatch(/protected-species/);
  expect(says({ archetype: 'boxedElectronics' })).toMatch(/Batteries out/);
  expect(says({ title: 'table lighter' })).toMatch(/also where it only held them/);
  expect(says({ title: 'brass spirit level with gasket' })).not.toMatch(/dangerous-goods/);
  expect(says({ title: 'set of fish knives' })).toMatch(/sheath of card/);
  expect(says({ title: 'wooden sawhorse' })).not.toMatch(/sheath of card/);
  expect(says({ title: 'naval sword' })).toMatch(/Weapons.*sheath/);
});
