'use client';
import type { FieldEntity, ParcelView } from '@inch-nest/contracts';
import type { ParcelUse } from '../useParcel.ts';
import { useTypedField } from './useTypedField.ts';

/** A field that is picked, not typed: its value, and a way to pick another. */
export function usePickedField<Entity extends FieldEntity, Name extends keyof ParcelView[Entity] & string>(
  parcel: ParcelUse,
  entity: Entity,
  name: Name,
) {
  const { value, type, clash, settle, problem } = useTypedField(parcel, entity, name);
  return { value, pick: (next: typeof value) => type(JSON.stringify(next)), clash, settle, problem };
}
