import type { Conflict, Problem } from '@inch-nest/contracts';

/** Input that would not do, with each problem at its path; nothing was changed. */
export class Refused extends Error {
  constructor(readonly problems: readonly Problem[]) {
    super(problems.map(({ path, message }) => `${path}: ${message}`).join('; '));
  }
}

/** Somebody else changed the same thing since; nothing was changed. */
export class Conflicting extends Error {
  constructor(readonly conflict: Conflict) {
    super(`${conflict.entity}.${conflict.path} was changed by ${conflict.theirs.by}`);
  }
}

/** There is no such thing in this shop. */
export class Missing extends Error {}
