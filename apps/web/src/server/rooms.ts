import 'server-only';
import { cache } from 'react';
import { listPast, listPickups, listShelf, Missing, readDay, readParcel, readShop } from '@inch-nest/data';
import { pastFilter } from '@inch-nest/contracts';
import type { DayView, ParcelView, PastFilter, PastPage, PickupList, ShelfTag, ShopView } from '@inch-nest/contracts';
import { shopData } from './shopData.ts';
import { database } from './database.ts';
import { now } from './now.ts';
import { readId } from './readId.ts';

/** The shop, read once for a page however many parts of it ask. */
export const shopNow = cache(async (): Promise<ShopView> => readShop(await shopData(), now()));

/** False in a place where no shop has been made yet. */
export const hasShop = async (): Promise<boolean> => (await database().models.shop.count()) > 0;

export const shelfNow = async (): Promise<ShelfTag[]> => listShelf(await shopData());

/** What a past page's address asks for; whatever cannot be asked is left out. */
export function pastAsked(search: Readonly<Record<string, string | string[] | undefined>>): PastFilter {
  const plain = Object.entries(search).filter(([, value]) => typeof value === 'string' && value.trim() !== '');
  const asked = pastFilter.safeParse(Object.fromEntries(plain));
  return asked.success ? asked.data : {};
}

/** Parcels a page at a time. */
export const pastNow = async ({ after, ...filter }: PastFilter & { after?: string | undefined }): Promise<PastPage> =>
  listPast(await shopData(), filter, after ?? null);

/** What is fetched, torn and formed today. */
export const dayNow = async (): Promise<DayView> => readDay(await shopData(), await shopNow());

/** What waits to be fetched. */
export const pickupsNow = async (): Promise<PickupList> => listPickups(await shopData(), await shopNow());

/** A parcel, or null when there is none of that id. */
export const findParcel = async (params: Promise<{ id: string }>, personId: string): Promise<ParcelView | null> =>
  readId({ params })
    .then((id) => parcelNow(id, personId))
    .catch((error: unknown) => {
      if (error instanceof Missing) return null;
      throw error;
    });

export const parcelNow = async (id: string, personId: string): Promise<ParcelView> => readParcel(await shopData(), id, personId);
