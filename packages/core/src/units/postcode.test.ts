import { countryOf, firstPostcode, POSTCODE } from './postcode.ts';

test.each([
  ['402', '40200'],
  ['40217', '40217'],
  ['XN', 'XN-00000'],
  ['XN-', 'XN-00000'],
  ['XN-04', 'XN-04000'],
])('the first postcode of %s is %s', (prefix, postcode) => {
  expect(firstPostcode(prefix)).toBe(postcode);
  expect(postcode).toMatch(POSTCODE);
  expect(postcode.startsWith(prefix)).toBe(true);
});

test.each([
  ['40217', true, null],
  ['XN-04021', true, 'XN'],
  ['4021', false, null],
  ['xn-04021', false, null],
  ['XN04021', false, null],
])('%s', (text, good, country) => {
  expect(POSTCODE.test(text)).toBe(good);
  expect(countryOf(text)).toBe(country);
});
