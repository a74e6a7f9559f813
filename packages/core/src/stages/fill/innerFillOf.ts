import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import type { Block, InnerBox } from '../box/StowedBox.ts';
import { fillAmount, pressedRound } from './fillAmount.ts';
import type { FillAmount } from './FilledBox.ts';

/** What goes between bundles and the box or core within the outer one in which they stand. */
export const innerFillOf = (
  fill: FillStock,
  { blockIn, emptyIn3 }: Pick<Block, 'blockIn' | 'emptyIn3'>,
  { box, gaps, core }: Pick<InnerBox, 'gaps' | 'core'> & { readonly box: { readonly insideIn: Triple } },
): FillAmount => (core ? pressedRound(fill, core.roomIn3) : fillAmount(fill, 'inner', blockIn, box.insideIn, gaps, 0, 0, emptyIn3));
