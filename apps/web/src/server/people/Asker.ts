import type { Person } from '@inch-nest/contracts';
import type { OpenSession } from '@inch-nest/data';

/** Whoever asks, and how that is known. */
export interface Asker {
  readonly shopId: string;
  readonly person: Person;
  /** Null where this machine signs in by itself. */
  readonly session: OpenSession | null;
  /** Whoever else may sign in by saying so, where this machine signs in by itself. */
  readonly people?: readonly Person[];
}
