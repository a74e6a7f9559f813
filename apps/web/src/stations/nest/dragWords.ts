import type { DndContextProps } from '@dnd-kit/core';

/** What is said while a layer is moved, by its name and place, from the piece outward. */
export function dragWords(
  layers: readonly { readonly key: string; readonly name: string }[],
): NonNullable<DndContextProps['accessibility']> {
  const nameOf = (id: string | number) => layers.find(({ key }) => key === id)?.name ?? 'the layer';
  const placeOf = (id: string | number) => `layer ${layers.findIndex(({ key }) => key === id) + 1} of ${layers.length}`;
  return {
    screenReaderInstructions: {
      draggable: 'Space lifts the layer, arrows move it, Space lays it down, Escape leaves it where it was.',
    },
    announcements: {
      onDragStart: ({ active }) => `${nameOf(active.id)} lifted: ${placeOf(active.id)}, from the piece outward`,
      onDragOver: ({ active, over }) => (over ? `${nameOf(active.id)} would be ${placeOf(over.id)}` : undefined),
      onDragEnd: ({ active, over }) => `${nameOf(active.id)} is ${placeOf((over ?? active).id)}`,
      onDragCancel: ({ active }) => `${nameOf(active.id)} stays ${placeOf(active.id)}`,
    },
  };
}
