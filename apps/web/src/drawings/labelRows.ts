/** Width that a letter of a label takes, and room between two labels, px. */
const LETTER_W = 8;
const BETWEEN = 10;

/**
 * In which row beneath a drawing each label stands, so that none lies on another: the first row in which it has room.
 *
 * @param labels their middles across the page, px, and what they say
 */
export function labelRows(labels: readonly { readonly x: number; readonly name: string }[]): number[] {
  const edges: number[] = [];
  const rows = labels.map(() => 0);
  labels
    .map((label, i) => ({ ...label, i }))
    .sort((a, b) => a.x - b.x)
    .forEach(({ x, name, i }) => {
      const half = (name.length * LETTER_W) / 2;
      const free = edges.findIndex((edge) => edge + BETWEEN <= x - half);
      const row = free === -1 ? edges.length : free;
      rows[i] = row;
      edges[row] = x + half;
    });
  return rows;
}
