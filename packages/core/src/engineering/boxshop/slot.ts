import type { SheetLine } from './CutPart.ts';

/** Knife lines of one slot in a strip, open at its upper or lower edge; inches. @param middleIn along the strip */
export function slotAt(middleIn: number, widthIn: number, depthIn: number, stripHeightIn: number, opens: 'above' | 'below'): SheetLine[] {
  const [left, right] = [middleIn - widthIn / 2, middleIn + widthIn / 2];
  const open = opens === 'above' ? stripHeightIn : 0;
  const end = opens === 'above' ? stripHeightIn - depthIn : depthIn;
  return [
    { from: [left, open], to: [left, end] },
    { from: [left, end], to: [right, end] },
    { from: [right, end], to: [right, open] },
  ];
}
