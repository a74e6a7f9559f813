// What hands may choose of boxes at the nest, and how far each goes.
export { goesAround, type AroundChoice } from './around.ts';
export { AS_IT_STANDS } from './BoxChoices.ts';
export { mayHoldOne, takesOne } from './boxed.ts';
export { isCore } from './core.ts';
export { tubesFor } from './cornered.ts';
export { depthWanted, shorteningsWanted, spareDepth } from './shellsFor.ts';
export type { SharedChoice } from './SharedChoice.ts';
export type { Shortened } from './Shortened.ts';
export { bedding } from './stowInBox.ts';
