export * from './factors.ts';
export * from './bounds.ts';
export {
  parseQuantity,
  parseWeight,
  parseDimensions,
  sidesTold,
  type Quantity,
  type NotUnderstood,
  type SidesTold,
} from './parseQuantity.ts';
export type { Span } from './quantityTokens.ts';
export * from './formatQuantity.ts';
export * from './formatChance.ts';
export { parseChance } from './parseChance.ts';
export * from './civilDate.ts';
export * from './money.ts';
export { countryOf, firstPostcode, POSTCODE, POSTCODE_SAYS } from './postcode.ts';
export { localTime } from './localTime.ts';
export { COMMA_BETWEEN_SIDES } from './labelledSides.ts';
export { MEASURE_IN_NAME, UNIT_IN_NAME, withoutMeasures } from './measureInName.ts';
export { countBehind, countWithin, isNamedByNumber, leadingCount, parseCount, trailingCount } from './parseCount.ts';
export { sameContent } from './sameContent.ts';
