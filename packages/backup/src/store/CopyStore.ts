import type { KeptCopy } from '../copyFolder.ts';

/** A place elsewhere where copies lie besides their folder. */
export interface CopyStore {
  /** Where it is, for people: never with what opens it. */
  readonly says: string;
  /** What lies there, newest first; what is no copy is passed over. */
  list(): Promise<KeptCopy[]>;
  /** Puts a file there under a name and reads it back: it counts only where every byte is there. */
  put(file: string, name: string): Promise<void>;
  /** Brings one here. */
  fetch(name: string, into: string): Promise<void>;
  remove(name: string): Promise<void>;
  close(): void;
}

/** A store cannot be reached, refuses, or does not give back what was put there. */
export class StoreTrouble extends Error {}
