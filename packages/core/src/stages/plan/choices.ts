// What hands put bundles into at the nest, and what is known of a piece before there is one.
export { takeBox, takeOwnBox } from './inBox.ts';
export { boxesShared, takeShared } from './shareThem.ts';
export { takenHollow } from './takenHollow.ts';
export { standsOnEdge } from './wishedPieces.ts';
