import 'server-only';
import { listShelf, readParcel, readShop } from '@inch-nest/data';
import type { ParcelView, ShelfTag, ShopView } from '@inch-nest/contracts';
import { database } from './database.ts';

/** The clock enters the server here. */
export const now = (): Date => new Date();

export const shopNow = (): Promise<ShopView> => readShop(database(), now());

export const shelfNow = async (): Promise<ShelfTag[]> => listShelf(database(), (await shopNow()).id);

export const parcelNow = (id: string, personId: string): Promise<ParcelView> => readParcel(database(), id, personId);
