'use client';
import { Segmented, Switch } from 'antd';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import type { usePickedField } from '../../parcel/fields/usePickedField.ts';

/** A picked field, whatever it is a field of. */
export type Picked<Value> = Omit<ReturnType<typeof usePickedField<'piece', 'finish'>>, 'value' | 'pick'> & {
  value: Value;
  pick: (next: Value) => void;
};

/** One of a few, all in sight. */
export function Choice<Value extends string>({
  label,
  options,
  field,
}: {
  label: string;
  options: readonly { value: Value; label: string }[];
  field: Picked<Value>;
}) {
  return (
    <div className="field">
      <span className="label">{label}</span>
      <Segmented aria-label={label} value={field.value} onChange={field.pick} options={[...options]} />
      <PickedClash {...field} />
    </div>
  );
}

/** Yes or no. */
export function Toggle({ label, field }: { label: string; field: Picked<boolean> }) {
  const id = label.replaceAll(' ', '-').toLowerCase();
  return (
    <div className="field toggle">
      <Switch id={id} checked={field.value} onChange={field.pick} />
      <label htmlFor={id}>{label}</label>
      <PickedClash {...field} />
    </div>
  );
}
