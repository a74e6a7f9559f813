import { loosePartsOf, looseUntold, namesLoosePart } from './looseParts.ts';

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
  ['oil lamp with chimney', 'chimney'],
  ['hurricane lamp', 'chimney'],
  ['brass lamp with glass shade', 'shade'],
  ['ship’s lantern and red globe', 'globe'],
  ['wall clock with pendulum', 'pendulum'],
  ['pendulum clock', 'pendulum'],
  ['regulator clock', 'pendulum'],
  ['pantry scale with weights', 'weights'],
  ['miniature chest of drawers', 'drawer'],
  ['collector’s cabinet, three drawers', 'drawer'],
  ['mantel clock and its key', 'key'],
  // nothing that is loose
  ['lamp shade', null],
  ['oil lamp chimney', null],
  ['oil lamp base', null],
  ['shade for a lamp', null],
  ['pendulum', null],
  ['net weights', null],
  ['wall clock', null],
  ['oil lamp, no chimney', null],
  ['typewriter', null],
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
])('%s has loose on it: %s', (title, part) => expect(loosePartsOf(title)).toEqual(part === null ? [] : [part]));

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

test('of several each is asked for in turn', () => {
  expect(loosePartsOf('wall clock with pendulum and key')).toEqual(['pendulum', 'key']);
  expect(loosePartsOf('cuckoo clock')).toEqual(['pendulum', 'weights']);
  expect(loosePartsOf('oil lamp with chimney and shade')).toEqual(['shade', 'chimney']);
  expect(looseUntold('wall clock with pendulum and key', ['pendulum'])).toBe('key');
  expect(looseUntold('wall clock with pendulum and key', ['pendulum', 'Two keys'])).toBeNull();
});
