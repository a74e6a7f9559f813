import fc from 'fast-check';
import { returnFinding, SEALS_FOUND, type ReturnFacts, type ReturnFinding } from './returnFinding.ts';

// common practice, no source
test.each<[Partial<ReturnFacts>, ReturnFinding]>([
  [{ serialSent: 'No 118', serialBack: 'no. 118' }, 'same'],
  [{ serialSent: 'No 118', serialBack: 'No 119' }, 'another'],
  [{ serialSent: 'No 118', serialBack: 'No 119', sealSent: 'S4', sealBack: 'broken' }, 'another'],
  [{ serialSent: 'No 118', serialBack: 'No 118', sealSent: 'S4', sealBack: 'broken' }, 'opened'],
  [{ sealSent: 'S4', sealBack: 'none' }, 'opened'],
  [{ sealSent: 'S4', sealBack: 'whole' }, 'same'],
  [{ serialSent: 'No 118', serialBack: null }, 'unclear'],
  [{ serialBack: 'No 118', sealBack: 'whole' }, 'unclear'],
  [{}, 'unclear'],
])('%j is %s', (facts, finding) =>
  expect(returnFinding({ serialSent: null, sealSent: null, serialBack: null, sealBack: 'none', ...facts })).toBe(finding),
);

test('the same number with a whole seal is the same piece, however it is written', () => {
  const noise = fc.constantFrom('', ' ', '-', '. ', '/');
  fc.assert(
    fc.property(fc.array(fc.constantFrom('a', 'B', '1', '9', 'ö'), { minLength: 1, maxLength: 8 }), noise, noise, (letters, one, other) =>
      expect(
        returnFinding({ serialSent: letters.join(one), serialBack: letters.join(other).toUpperCase(), sealSent: 'S', sealBack: 'whole' }),
      ).toBe('same'),
    ),
  );
});

test('a seal that is not whole is never found the same', () => {
  fc.assert(
    fc.property(fc.option(fc.string()), fc.option(fc.string()), fc.constantFrom(...SEALS_FOUND), (serialSent, serialBack, sealBack) => {
      const finding = returnFinding({ serialSent, serialBack, sealSent: 'S4', sealBack });
      expect(finding === 'same').toBe(finding !== 'another' && sealBack === 'whole');
    }),
  );
});
