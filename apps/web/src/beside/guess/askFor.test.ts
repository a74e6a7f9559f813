import { BEDDED_HOUSE, takeSides, type PlanDocument } from '@inch-nest/core';
import { askFor, buyerSentence, leftMinor } from './askFor.ts';

const plan = (postageMinor: number, expectedMinor: number) => ({ quote: { totalMinor: postageMinor }, expectedMinor }) as PlanDocument;
const near = plan(720, 1110);
const far = plan(1460, 1905);
const by = (postage: string | null) => (postage === null ? BEDDED_HOUSE : takeSides(BEDDED_HOUSE, { postage }));

// up to the next half dollar of the zones' mean: postage 10.90, all of sending 15.075
test.each([
  [null, { shippingMinor: 1550, onPriceMinor: 0 }],
  ['handling', { shippingMinor: 1550, onPriceMinor: 0 }],
  ['collected', { shippingMinor: 1100, onPriceMinor: 0 }],
  ['builtIn', { shippingMinor: 0, onPriceMinor: 1550 }],
])('a house that says %s of the postage asks for it so', (side, asking) => {
  expect(askFor([near, far], by(side))).toEqual(asking);
});

test('what is asked for and what is put on the price leave the same of a sale', () => {
  const left = (side: string) => {
    const { shippingMinor, onPriceMinor } = askFor([near, far], by(side));
    return leftMinor(far, 6000 + onPriceMinor, 2200, shippingMinor);
  };
  expect(left('builtIn')).toBe(left('handling'));
  expect(left('handling') - left('collected')).toBe(450);
});

test('nothing is asked for what no service takes', () =>
  expect(askFor([], by('collected'))).toEqual({ shippingMinor: 0, onPriceMinor: 0 }));

describe('what the buyer is told', () => {
  const sent = (more: object, postageMinor = 900) =>
    ({
      layers: [{ turns: 2, stiff: false }],
      inner: null,
      box: { style: 'slotted' },
      block: { pieces: 1 },
      weight: { grossLb: 3 },
      quote: { totalMinor: postageMinor },
      ...more,
    }) as unknown as PlanDocument;
  const told = (...plans: PlanDocument[]) =>
    buyerSentence(
      plans,
      (minor) => `$${minor / 100}`,
      (lb) => `${lb} lb`,
    );
  test.each([
    [{}, /^It travels wrapped in 2 turns and packed in a sturdy box, bedded all round, about 3 lb in all; postage is \$9 depending/],
    [{ inner: {} }, /packed boxed twice/],
    [{ box: { style: 'stiffened' }, layers: [{ turns: 1, stiff: true }] }, /^It travels between cards and packed in a stiff envelope/],
    [{ block: { pieces: 6 } }, /^Each travels wrapped in 2 turns, all of them packed in a sturdy box/],
    [{ others: [{ layers: [], block: { pieces: 1 } }] }, /^Each travels wrapped by itself, all of them packed in a sturdy box/],
  ])('%j', (more, says) => expect(told(sent(more))).toMatch(says));
  test('from the nearest zone to the farthest', () => expect(told(sent({}), sent({}, 1500))).toContain('postage is $9 to $15'));
  test('nothing, where there is nothing to say', () => expect(told()).toBe(''));
});
