// What hands put bundles into at the nest, what is known of a piece before there is one, and what else there is.
export { takeBox, takeOwnBox } from './inBox.ts';
export { boxesShared, takeShared } from './shareThem.ts';
export { takenHollow } from './takenHollow.ts';
export { standsOnEdge } from './wishedPieces.ts';
export type { BoxToGet } from './boxToGet.ts';
export { isBetterSo } from './isBetterSo.ts';
export { isWorthLaying, mayLie } from './laidDown.ts';
export { ceilingPrice } from './ceilingPrice.ts';
export { cheapestHonest } from './sideBySide.ts';
export { mayNest, waysToStack, withStacks, type Stacking } from './stackThem.ts';
export { neighboursOfPlan } from './neighboursOfPlan.ts';
export { isStemmed } from '../../engineering/pieces/partsByName.ts';
export { requestAfter } from './requestAfter.ts';
