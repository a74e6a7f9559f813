import type { Active, Over } from '@dnd-kit/core';
import { dragWords } from './dragWords.ts';

test('a layer that is moved is called by its name and its place', () => {
  const { announcements } = dragWords([
    { key: 'tissue', name: 'Tissue' },
    { key: 'largeBubble', name: 'Large bubble' },
  ]);
  const active = { id: 'largeBubble' } as Active;
  const over = { id: 'tissue' } as Over;
  expect(announcements!.onDragStart({ active })).toBe('Large bubble lifted: layer 2 of 2, from the piece outward');
  expect(announcements!.onDragOver({ active, over })).toBe('Large bubble would be layer 1 of 2');
  expect(announcements!.onDragEnd({ active, over })).toBe('Large bubble is layer 1 of 2');
  expect(announcements!.onDragCancel({ active, over: null })).toBe('Large bubble stays layer 2 of 2');
});
