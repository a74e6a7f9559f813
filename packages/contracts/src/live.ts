import { z } from 'zod';
import { uuid } from './numbers.ts';

/** Something moved in a shop, or somebody is somewhere in it; told by the database to every server that listens. */
export const notice = z.discriminatedUnion('of', [
  z.object({
    of: z.literal('parcel'),
    shop: z.string(),
    parcel: z.string(),
    /** The one it has come to; null where something beside it moved, a label or a photograph. */
    revision: z.int().nullable().default(null),
  }),
  z.object({ of: z.literal('shop'), shop: z.string() }),
  z.object({
    of: z.literal('here'),
    shop: z.string(),
    /** One browser window, by a name of its own. */
    place: z.string(),
    person: z.string(),
    /** Null where she has left. */
    parcel: z.string().nullable(),
    station: z.string().nullable(),
    left: z.boolean(),
  }),
]);
export type Notice = z.infer<typeof notice>;

/** Somebody else who is here just now, and at which parcel and station. */
export interface Present {
  readonly personId: string;
  readonly parcelId: string | null;
  readonly station: string | null;
}
/** What a page is told while it is open. */
export type LiveMessage =
  | { readonly of: 'parcel'; readonly parcelId: string; readonly revision: number | null }
  | { readonly of: 'shop' }
  /** Something may have been missed: look at everything. */
  | { readonly of: 'all' }
  | { readonly of: 'present'; readonly present: readonly Present[] }
  | { readonly of: 'shutOut' };
export const liveAsked = z.strictObject({
  parcel: uuid.optional(),
  station: z
    .string()
    .regex(/^[a-z-]{1,20}$/)
    .optional(),
});
