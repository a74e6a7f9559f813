export * from './factors.ts';
export * from './bounds.ts';
export { parseQuantity, parseWeight, parseDimensions, type Quantity, type NotUnderstood } from './parseQuantity.ts';
export type { Span } from './quantityTokens.ts';
export * from './formatQuantity.ts';
export * from './formatChance.ts';
export * from './civilDate.ts';
export * from './money.ts';
