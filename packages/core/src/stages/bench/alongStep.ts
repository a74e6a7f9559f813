import { formatSize, type UnitSystem } from '../../units/index.ts';
import type { Along, AlongPlace } from '../sale/Order.ts';
import { countedTitle } from '../sale/countedTitle.ts';
import { act, type Part } from './stepParts.ts';

/** What goes along is put in before the top of the fill. */
export const alongStep = (
  { id, name, count, sizeIn, place }: Along,
  system: UnitSystem,
  where: AlongPlace = place === 'bag' ? 'bag' : 'beside',
): Part =>
  act(
    `along:${id}:${count}`,
    `Put in: ${countedTitle({ title: name, count })}`,
    `${ALONG_WORDS[where]}${sizeIn ? ` Room for ${formatSize(sizeIn, system)}${count > 1 ? ' each' : ''} is left in the fill.` : ''}`,
    0,
  );
const ALONG_WORDS: Readonly<Record<AlongPlace, string>> = {
  bag: 'In a bag of its own, shut, on top of what is packed; nothing hard against it.',
  inner: 'Beside it in the inner box, wrapped once, so that nothing hard is against it.',
  beside: 'Beside what is packed, wrapped once, in the fill; nothing hard against it.',
};
