import { countryOf } from '../../units/index.ts';
import { customsForm, customsProblems, customsTotals, type CustomsDeclaration, type CustomsLine } from './customs.ts';

const line = (part: Partial<CustomsLine> = {}): CustomsLine => ({
  id: 'a',
  what: 'brass lamp',
  count: 1,
  valueMinor: 12_000,
  weightLb: 4.5,
  origin: 'AI',
  ...part,
});
const saying = (part: Partial<CustomsDeclaration> = {}): CustomsDeclaration => ({ purpose: 'sale', reason: '', lines: [line()], ...part });

test('a destination names its country in front, the shop’s own has none', () => {
  expect(countryOf('XN-04021')).toBe('XN');
  expect(countryOf('40217')).toBeNull();
});

// the simplified declaration serves up to and with its limit (postal union: 300 SDR; value from memory)
test.each([
  [11_999, 'full'],
  [12_000, 'simplified'],
  [12_001, 'simplified'],
])('worth 120.00 with a limit of %d cents: the %s form', (limit, form) => expect(customsForm(saying(), limit)).toBe(form));

test('totals are the sums of the lines', () =>
  expect(customsTotals(saying({ lines: [line(), line({ id: 'b', valueMinor: 350, weightLb: 0.25 })] }))).toEqual({
    valueMinor: 12_350,
    weightLb: 4.75,
  }));

test.each<[string, Partial<CustomsDeclaration>, number | null, RegExp | null]>([
  ['an honest sale', {}, 6, null],
  ['a repair without a reason', { purpose: 'repair' }, 6, /repair must say why/],
  ['a return with blanks for a reason', { purpose: 'return', reason: '  ' }, 6, /return must say why/],
  ['a repair that says why', { purpose: 'repair', reason: 'cracked globe, to be reblown' }, 6, null],
  ['no lines', { lines: [] }, 6, /what is in the parcel/],
  ['worth nothing', { lines: [line({ valueMinor: 0 })] }, 6, /worth nothing/],
  ['papers of no worth', { purpose: 'papers', lines: [line({ valueMinor: 0 })] }, 6, null],
  ['things heavier than the parcel', {}, 4.4, /weigh more together/],
  ['not weighed yet', {}, null, null],
])('%s', (_, part, grossLb, problem) => {
  const problems = customsProblems(saying(part), grossLb);
  if (problem) expect(problems.join('; ')).toMatch(problem);
  else expect(problems).toEqual([]);
});
