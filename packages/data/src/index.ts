// Stored things, for the server only.
export { databaseUrl } from './environment.ts';
export { openDatabase, type Database } from './database.ts';
export { migrate, NewerSchema } from './migrate.ts';
export { Conflicting, Missing, Refused } from './refusals.ts';
export { createShop, localTime, readShop, readShopId, saveShop } from './repositories/shopRepository.ts';
export { createParcel, fieldsFromLine, listShelf, type NewParcel } from './repositories/parcelRepository.ts';
export { lockParcel, readParcel } from './repositories/parcelRows.ts';
export { appendEvent } from './repositories/eventRepository.ts';
export { personOf } from './repositories/personOf.ts';
export { saveField, takeBack } from './repositories/fieldRepository.ts';
export { applyTemplate, keepTemplate, templatesFor } from './repositories/templateRepository.ts';
export { addPhoto, pictureOf, removePhoto, type StoredPicture } from './repositories/photoRepository.ts';
export { addCard, listCards, readCard } from './repositories/cardRepository.ts';
export { beginPurchase, pendingPurchases, readLabel, settlePurchase, settleVoid } from './repositories/labelRepository.ts';
export type { LabelRow } from './rows.ts';
export { saveNest } from './repositories/nestRepository.ts';
export { loadDemo } from './demo/loadDemo.ts';
