import type { Problem } from '@inch-nest/contracts';

/** Input that cannot be answered: each problem at its path. */
export class BadInput extends Error {
  constructor(readonly problems: readonly Problem[]) {
    super(problems.map(({ path, message }) => `${path}: ${message}`).join('; '));
  }
}
