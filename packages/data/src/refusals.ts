import type { Problem } from '@inch-nest/contracts';

/** Input that would not do, with each problem at its path; nothing was changed. */
export class Refused extends Error {
  constructor(readonly problems: readonly Problem[]) {
    super(problems.map(({ path, message }) => `${path}: ${message}`).join('; '));
  }
}

/** There is no such thing in this shop. */
export class Missing extends Error {}
