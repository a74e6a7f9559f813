// What hands may choose of fill at the nest, and how much of it they take.
export { fillRound } from './boxedFill.ts';
export { fillsInner } from './FilledBox.ts';
export { ALL_PLACES, FILL_PLACES, PLACE_NAMES, SINGLE_PLACES, type ByPlace, type FillPlace } from './fillPlaces.ts';
export { unitsOf, unitsWords } from './handAmounts.ts';
