'use client';
import { readOwnField, type FieldEntity, type KeptField, type ParcelView, type Theirs } from '@inch-nest/contracts';
import { useShop } from '../../session/ShopContext.tsx';
import { fieldPath } from '../overlayParcel.ts';
import type { ParcelUse } from '../useParcel.ts';

/** Somebody else kept something else of the same field meanwhile. */
export interface FieldClash {
  readonly theirs: Theirs;
  readonly yours: string;
}

/** What a field's value is. */
export type ValueOf<Entity extends FieldEntity, Name extends keyof ParcelView[Entity]> =
  ParcelView[Entity][Name] extends KeptField<infer Value> ? Value : never;

/** One field as typed: read at once, kept shortly after the last key, as a draft where it does not parse. */
export function useTypedField<Entity extends FieldEntity, Name extends keyof ParcelView[Entity] & string>(
  { view, keepField, keeper }: ParcelUse,
  entity: Entity,
  name: Name,
) {
  const { shop, person } = useShop();
  const field = view[entity][name] as KeptField<ValueOf<Entity, Name>>;
  const path = fieldPath(view, entity, name);
  const waits = keeper.pending.find((one) => one.path === path);
  const text = field.draft ?? field.text;
  const reading = field.draft === null ? null : readOwnField(entity, name, field.draft, { today: shop.today, system: person.system });
  const clash: FieldClash | null = waits?.clash ? { theirs: waits.clash, yours: String(waits.value) } : null;
  return {
    text,
    value: field.value,
    problem: waits?.problem ?? (reading && !reading.ok ? reading.problem : null),
    type: (next: string) => keepField(entity, name, next),
    clash,
    settle: (mine: boolean) => keeper.settle(path, mine),
  };
}
