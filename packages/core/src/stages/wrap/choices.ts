// What hands may lay round a piece, and how it is said.
export { equivalentTurns } from '../../engineering/materials/equivalentTurns.ts';
export { goesIntoSleeve, wrapsIn } from '../../engineering/materials/sleeves.ts';
export { laidOf, laidWords, stackedWords, turnsWords } from './laidWords.ts';
export type { BoxedChoice } from './WrappedItem.ts';
export { wrapItem } from './wrapItem.ts';
