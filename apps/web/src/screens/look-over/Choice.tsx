'use client';
import { Segmented, Switch } from 'antd';
import { PickedConflict } from '../fields/PickedConflict.tsx';
import type { usePickedField } from '../fields/usePickedField.ts';

type Picked<Value> = ReturnType<typeof usePickedField<Value>>;

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
      <PickedConflict {...field} />
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
      <PickedConflict {...field} />
    </div>
  );
}
