import type { CushionKey, WrapStock } from '@inch-nest/core';

/** What a wrap does, by where it stands in the order. */
export const ROLE_WORDS: Readonly<Record<WrapStock['role'], string>> = {
  surface: 'next to the surface',
  conform: 'follows the shape',
  cushion: 'cushions',
  skin: 'holds together',
  sleeve: 'holds one bundle',
  barrier: 'keeps damp out',
};

/** Materials whose cushioning is known, as packers call them. */
export const CUSHION_WORDS: Readonly<Record<CushionKey, string>> = {
  smallBubble: 'small bubble',
  mediumBubble: 'medium bubble',
  largeBubble: 'large bubble',
  jumboBubble: 'jumbo bubble',
  foamSheet: 'foam sheet',
  mouldedFill: 'moulded loose fill',
  starchFill: 'starch loose fill',
  crumpledPaper: 'crumpled paper',
  airPillows: 'air pillows',
  foamInPlace: 'foam in place',
  corrugatedPad: 'corrugated pads',
};
