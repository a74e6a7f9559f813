import 'server-only';
import { cache } from 'react';
import { listPickups, listShelf, Missing, readDay, readParcel, readShop, readShopId } from '@inch-nest/data';
import type { DayView, ParcelView, PickupList, ShelfTag, ShopView } from '@inch-nest/contracts';
import { database } from './database.ts';
import { readId } from './readId.ts';

/** The clock enters the server here. */
export const now = (): Date => new Date();

/** The shop, read once for a page however many parts of it ask. */
export const shopNow = cache((): Promise<ShopView> => readShop(database(), now()));

export const shelfNow = async (): Promise<ShelfTag[]> => listShelf(database(), await readShopId(database()));

/** What is fetched, torn and formed today. */
export const dayNow = async (): Promise<DayView> => readDay(database(), await shopNow());

/** What waits to be fetched. */
export const pickupsNow = async (): Promise<PickupList> => listPickups(database(), await shopNow());

/** A parcel, or null when there is none of that id. */
export const findParcel = async (params: Promise<{ id: string }>, personId: string): Promise<ParcelView | null> =>
  readId({ params })
    .then((id) => parcelNow(id, personId))
    .catch((error: unknown) => {
      if (error instanceof Missing) return null;
      throw error;
    });

export const parcelNow = (id: string, personId: string): Promise<ParcelView> => readParcel(database(), id, personId);
