import { loosePartOf, looseUntold, namesLoosePart } from './looseParts.ts';

// what a packer takes off before anything is wrapped. Common practice, no source
test.each([
  ['stoneware crock with lid', 'lid'],
  ['Lidded ginger jar', 'lid'],
  ['porcelain teapot', 'lid'],
  ['covered vegetable dish', 'lid'],
  ['cut glass decanter with stopper', 'stopper'],
  ['decanter', 'stopper'],
  ['apothecary jars', 'stopper'],
  ['glass jar and lid', 'lid'],
  // nothing that is loose
  ['teapot, lid missing', null],
  ['sugar bowl without lid', null],
  ['decanter, no stopper', null],
  ['lidless crock', null],
  ['flower pot', null],
  ['slide projector', null],
  ['perfume bottle, sealed', null],
  // the part itself
  ['lid', null],
  ['ground stoppers', null],
  ['stoneware lid for a crock', null],
])('%s has loose on it: %s', (title, part) => expect(loosePartOf(title)).toBe(part));

test.each([
  ['lid', true],
  ['glass lid', true],
  ['lid of a crock', true],
  ['jar with lid', false],
  ['jar & lid', false],
  ['lidded jar', false],
])('%s is a part alone: %s', (title, is) => expect(namesLoosePart(title)).toBe(is));

test('what is told of already is not asked for', () => {
  expect(looseUntold('teapot', [])).toBe('lid');
  expect(looseUntold('teapot', ['cup', 'Lid'])).toBeNull();
  expect(looseUntold('decanter', ['two stoppers'])).toBeNull();
  expect(looseUntold('decanter', ['slide'])).toBe('stopper');
});
