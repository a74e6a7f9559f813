import {
  applyNestChange,
  heldIn,
  readOwnField,
  type FieldEntity,
  type FieldSetting,
  type KeptField,
  type NestChange,
  type ParcelView,
} from '@inch-nest/contracts';
import type { PlanChoice } from '@inch-nest/core';
import type { Pending } from '../session/keeping/Keeper.ts';

/** The path under which a field of a parcel is kept. */
export const fieldPath = (view: Pick<ParcelView, 'pieceId'>, entity: FieldEntity, name: string): string =>
  entity === 'sale' ? `sale/${name}` : `piece/${view.pieceId}/${name}`;

/**
 * A parcel as it is shown: what the server holds, with everything that waits to be kept laid over it. So a value that
 * was typed stands on every screen from the moment it was typed, and no answer to an older question brings back what
 * was before.
 */
export function overlayParcel(held: ParcelView, pending: readonly Pending[], setting: FieldSetting): ParcelView {
  if (pending.length === 0) return held;
  let view = held;
  for (const { path, value } of pending) {
    if (path === 'nest') {
      const { choice, locks } = applyNestChange(view.nest, value as NestChange);
      view = { ...view, nest: { ...view.nest, choice: choice as PlanChoice | null, locks } };
      continue;
    }
    const [entity, ...rest] = path.split('/');
    const name = rest.at(-1)!;
    if ((entity !== 'sale' && entity !== 'piece') || typeof value !== 'string') continue;
    const at = entity === 'piece' ? heldIn(view).findIndex(({ pieceId }) => pieceId === rest[0]) : 0;
    if (at < 0) continue;
    const fields = (entity === 'sale' ? view.sale : heldIn(view)[at]!.piece) as unknown as Record<string, KeptField>;
    const field = fields[name];
    if (!field) continue;
    const reading = readOwnField(entity, name, value, setting);
    const shown: KeptField = reading.ok ? { ...field, text: value, value: reading.value, draft: null } : { ...field, draft: value };
    const laid = { ...fields, [name]: shown };
    view =
      at === 0
        ? { ...view, [entity]: laid }
        : { ...view, others: view.others.map((one, i) => (i === at - 1 ? { ...one, piece: laid as unknown as typeof one.piece } : one)) };
  }
  return view;
}

/** Joins two changes of a nest that were made one after the other. */
export function joinNestChanges(earlier: NestChange, later: NestChange): NestChange {
  const without = (parts: Readonly<Record<string, unknown>>, gone: readonly string[]) =>
    Object.fromEntries(Object.entries(parts).filter(([key]) => !gone.includes(key)));
  return {
    set: { ...without(earlier.set, later.drop), ...later.set },
    drop: [...earlier.drop.filter((key) => !(key in later.set)), ...later.drop].filter((key, i, all) => all.indexOf(key) === i),
    pin: { ...without(earlier.pin, later.unpin), ...later.pin },
    unpin: [...earlier.unpin.filter((key) => !(key in later.pin)), ...later.unpin].filter((key, i, all) => all.indexOf(key) === i),
    ...(earlier.anew || later.anew ? { anew: true } : {}),
  };
}
