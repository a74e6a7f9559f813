import { stackingMinutes } from '../wrap/interleaved.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { act, type Part } from './stepParts.ts';

/**
 * Pieces that lie in stacks are stacked before they are wrapped, with a sheet between each two where one is wanted.
 *
 * @param tear how far a sheet is torn, in words
 */
export function stackSteps({ piece, interleaved }: WrappedItem, tear: (inches: number) => string): Part[] {
  const { stacks } = piece;
  const most = stacks[0]!;
  if (most === 1) return [];
  const how = 'Even edges, alternating ends, the dearest in the middle; tape that comes off easily on three sides.';
  const title = stacks.length === 1 ? `Stack all ${most}` : `Make ${stacks.length} stacks: ${stacks.join(', ')}`;
  const key = `stack:${stacks.join('-')}`;
  const minutes = stacks.length * stackingMinutes(piece);
  if (!interleaved) return [act(key, title, how, minutes)];
  const { stock, sheetIn, sheets } = interleaved;
  const [long, wide] = sheetIn;
  return [
    act(
      key,
      `${title}, a sheet between each two`,
      `Cut ${sheets} sheets of ${stock.name.toLowerCase()}, ${tear(long)} × ${tear(wide)}, and lay one between each two: nothing lies bare on another. ${how}`,
      minutes + stacks.length * interleaved.minutes,
      [{ what: stock.name, amount: sheets, unit: 'sheets', stock: { kind: 'wrap', key: stock.key } }],
    ),
  ];
}
