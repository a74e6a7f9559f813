import { envelopeOutsideOf, envelopeTareLb } from './envelope.ts';
import { blankAreaIn2, boxTareLb, outsideOf } from './boxBlank.ts';
import { BOARD_CERTIFICATES, certificateFor } from './certificate.ts';
import { compressionStrengthLbf } from './compressionStrength.ts';

// McKee, Gander & Wachuta 1963, simplified (value from memory): ECT 32, caliper 0.156, 16×12×12 → ≈ 555 lbf
test('compression strength of the worked example', () => expect(compressionStrengthLbf(32, 0.156, 56)).toBeCloseTo(555.2, 0));

// Item 222 / Rule 41 (values from memory)
test.each([
  [32, 'single', 65, 75],
  [43.9, 'single', 80, 85],
  [200, 'single', 120, 105],
  [48, 'double', 100, 95],
  [82, 'double', 180, 120],
] as const)('ECT %p %s wall carries %p lb and %p in', (ect, wall, maxGrossLb, maxUnitedIn) =>
  expect(certificateFor(ect, wall)).toMatchObject({ maxGrossLb, maxUnitedIn }),
);

test('below the table there is no certificate', () => {
  expect(certificateFor(22.9, 'single')).toBeNull();
  expect(BOARD_CERTIFICATES).toHaveLength(13);
});

// box style 0201 of the FEFCO/ESBO code: blank = 2(L + W) + glue tab by (D + W)
test('blank and tare of a regular slotted box, by hand', () => {
  expect(blankAreaIn2([12, 10, 8])).toBe((2 * 22 + 1.5) * 18);
  expect(boxTareLb([12, 10, 8], 0.12)).toBeCloseTo(((45.5 * 18) / 144) * 0.12, 12);
  expect(outsideOf([12, 12, 12], 0.156)).toEqual([12.312, 12.312, 12.624]);
});

// two calipers more on length, width and what it holds; two sheets of its face by the basis weight
test('an envelope, worked by hand', () => {
  expect(envelopeOutsideOf(12, 9, 0.5, 0.1)).toEqual([12.2, 9.2, 0.7]);
  expect(envelopeTareLb(12, 9, 0.12)).toBeCloseTo(((2 * 108) / 144) * 0.12, 12);
});
