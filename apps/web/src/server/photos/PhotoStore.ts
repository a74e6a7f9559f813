/** Where pictures lie, each under a name made from its content; a disk, a bucket, or memory in a test. */
export interface PhotoStore {
  /** Keeps bytes under a name; the same name again changes nothing. */
  put(name: string, bytes: Uint8Array): Promise<void>;
  /** The bytes of a name, or null when it holds none. */
  get(name: string): Promise<Uint8Array | null>;
}
