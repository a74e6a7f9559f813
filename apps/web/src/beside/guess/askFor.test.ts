import { BEDDED_HOUSE, takeSides, type PlanDocument } from '@inch-nest/core';
import { askFor, leftMinor } from './askFor.ts';

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
