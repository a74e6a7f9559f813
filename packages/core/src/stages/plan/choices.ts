// What hands put bundles into at the nest.
export { takeBox, takeOwnBox } from './inBox.ts';
export { boxesShared, takeShared } from './shareThem.ts';
export { takenHollow } from './takenHollow.ts';
