import { ARCHETYPES } from './archetypes.ts';
import { hardPointsOfNewKind, hardPointsOfNewName, hardPointsOfNewSize, kindPresets } from './kindPresets.ts';
import { usualHardPoints } from './usualHardPoints.ts';

const PICTURE = ARCHETYPES.glazedFlat;
const faceOf = (points: readonly { face: string }[]) => points.map(({ face }) => face);

test.each<[string, (number | null)[] | null, string]>([
  ['hanging: as high as wide, and thin from front to back', [20, 1, 16], 'front'],
  ['lying', [20, 16, 1], 'top'],
  ['on its side', [1, 20, 16], 'left'],
  ['of no size yet', null, 'front'],
  ['of two sides only', [20, 16, null], 'front'],
])('the glazing of a picture told %s is on its pane', (_, size, face) => expect(faceOf(usualHardPoints(PICTURE, size))).toEqual([face]));

test.each([
  ['framed oil painting', 0],
  ['harbour at dusk, oil on canvas', 0],
  ['unglazed print in its frame', 0],
  ['framed watercolour', 1],
  ['mirror', 1],
])('%s has %i panes', (title, panes) => expect(usualHardPoints(PICTURE, [20, 16, 1], title)).toHaveLength(panes));

test('a size that turns out otherwise takes the glazing along, and leaves what somebody pinned', () => {
  const brought = kindPresets(PICTURE).hardPoints;
  expect(faceOf(hardPointsOfNewSize(brought, PICTURE, null, [20, 16, 1]))).toEqual(['top']);
  const pinned = [
    { ...brought[0]!, across: 0.2 },
    { ...brought[0]!, id: 'own', face: 'left' as const },
  ];
  expect(hardPointsOfNewSize(pinned, PICTURE, null, [20, 16, 1])).toEqual(pinned);
});

test('a jug that turns out to be a picture gets its glazing where its size has the pane', () => {
  const jug = ARCHETYPES.handledWare;
  expect(hardPointsOfNewKind(kindPresets(jug).hardPoints, jug, PICTURE, [20, 16, 1])).toEqual(usualHardPoints(PICTURE, [20, 16, 1]));
});

test('a jug that turns out to be a mug loses its spout, unless somebody touched what it has', () => {
  const jug = ARCHETYPES.handledWare;
  const [handle, spout] = kindPresets(jug, null, 'blue jug').hardPoints;
  const own = { ...handle!, id: 'mine', face: 'back' as const };
  const renamed = (points: Parameters<typeof hardPointsOfNewName>[0], title = 'blue mug') =>
    hardPointsOfNewName(points, jug, null, 'blue jug', title);
  expect(renamed([handle!, spout!, own]).map(({ id }) => id)).toEqual(['mine', handle!.id]);
  for (const touched of [[handle!, { ...spout!, reachIn: 2 }], [handle!], []]) expect(renamed(touched)).toEqual(touched);
  // one that somebody took off does not come back with a word more
  expect(renamed([handle!], 'blue jug, chipped')).toEqual([handle]);
});
