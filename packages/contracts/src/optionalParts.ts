import type { PlanChoice } from '@inch-nest/core';

type OptionalPart = { [Part in keyof PlanChoice]-?: object extends Pick<PlanChoice, Part> ? Part : never }[keyof PlanChoice];
const OPTIONAL = {
  extraFill: true,
  fillApart: true,
  crossIn: true,
  shortened: true,
  tubes: true,
  around: true,
  shared: true,
  cells: true,
  grid: true,
  guards: true,
  filledHollows: true,
  others: true,
  boxed: true,
  stand: true,
  between: true,
} satisfies Record<OptionalPart, true>;
/** Parts of a choice that may be left out; one that is forgotten here does not compile. */
export const OPTIONAL_PARTS = Object.keys(OPTIONAL) as [OptionalPart, ...OptionalPart[]];
