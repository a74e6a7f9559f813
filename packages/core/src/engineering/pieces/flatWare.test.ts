import { ARCHETYPES } from './archetypes.ts';
import type { ArchetypeKey } from './Archetype.ts';
import { isFlatWare } from './flatWare.ts';

// common practice, no source
test.each<[string, ArchetypeKey, [number, number, number], boolean]>([
  ['a dinner plate', 'compactCeramic', [10.5, 10.5, 1], true],
  ['a saucer, stood up', 'compactCeramic', [5.5, 0.75, 5.5], true],
  ['a pane', 'pressedGlass', [8, 10, 0.25], true],
  ['a bowl', 'compactCeramic', [10, 10, 4], false],
  ['a candlestick', 'compactCeramic', [3, 3, 12], false],
  ['a book', 'paperStack', [10, 7, 1], false],
  ['a tray of steel', 'rigidMetal', [16, 12, 1], false],
  ['a framed print', 'glazedFlat', [16, 12, 1], false],
])('%s is flat ware: %s of %j: %s', (_, kind, size, is) => expect(isFlatWare(ARCHETYPES[kind], size)).toBe(is));
