'use client';
import type { FieldEntity } from '@inch-nest/contracts';
import type { ParcelUse } from '../bench/useParcel.ts';
import { useTypedField } from './useTypedField.ts';

/** A field that is picked, not typed: its value, and a way to pick another. */
export function usePickedField<Value>(parcel: ParcelUse, entity: FieldEntity, path: string) {
  const { value, type, conflict, settle, problem } = useTypedField(parcel, entity, path);
  return { value: value as Value, pick: (next: Value) => type(JSON.stringify(next)), conflict, settle, problem };
}
