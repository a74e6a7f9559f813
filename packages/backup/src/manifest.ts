import { z } from 'zod';

/** How the file is built; a later build is refused in words. */
export const FORMAT = 'inch-nest-copy';
export const BUILD = 1;
export const MANIFEST = 'manifest.json';

const sha256 = z.string().regex(/^[0-9a-f]{64}$/);
const part = z.strictObject({ bytes: z.int().min(0), sha256 });

/** A part of a copy: how long it is, and its hash. */
export type Part = z.infer<typeof part>;

/** What a copy says of itself; its last part, so that a copy without one was cut short. */
export const manifestSchema = z.strictObject({
  format: z.literal(FORMAT),
  build: z.int(),
  /** Everything of a place, or one shop to take along. */
  holds: z.enum(['everything', 'oneShop']),
  /** When it was begun: all rows are as they stood then. */
  at: z.iso.datetime(),
  /** Migrations that made the tables. */
  migrations: z.array(z.string()),
  tables: z.array(z.strictObject({ name: z.string().regex(/^[a-z_]+$/), rows: z.int().min(0), ...part.shape })),
  pictures: z.array(z.strictObject({ name: z.string().regex(/^[0-9a-f]{64}(-small)?$/), ...part.shape })),
  /** Pictures that rows name and that were not where pictures lie. */
  missing: z.array(z.string()),
  /** Lists to be read with other programs; nothing is put back from them. */
  lists: z.array(z.strictObject({ name: z.string(), ...part.shape })),
});
export type Manifest = z.infer<typeof manifestSchema>;

export const tableEntry = (table: string): string => `tables/${table}.jsonl`;
/** Where a picture lies below the folder of pictures. */
export const pictureFile = (name: string): string => `${name.slice(0, 2)}/${name}.jpg`;
export const pictureEntry = (name: string): string => `photos/${pictureFile(name)}`;

/** How many rows a copy holds. */
export const rowsIn = ({ tables }: Pick<Manifest, 'tables'>): number => tables.reduce((sum, { rows }) => sum + rows, 0);
