'use client';
import { Checkbox } from 'antd';
import type { PieceFacts } from '@inch-nest/core';
import { STEADYING, type Steadying } from '@inch-nest/contracts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import { Choice } from './Choice.tsx';

const MOVING: readonly { value: PieceFacts['movingParts']; label: string }[] = [
  { value: 'none', label: 'nothing moves' },
  { value: 'shifting', label: 'shifts inside' },
  { value: 'steadied', label: 'steadied' },
];
const STEP_WORDS: Readonly<Record<Steadying, string>> = {
  locked: 'Lock or tie what moves',
  barrier: 'A barrier between parts that touch',
  slack: 'Take up the slack',
  lid: 'The lid closes without being forced',
};

/** What moves inside a case or retail box, and the steps that steady it; all of them done, it counts as steadied. */
export function Inside({ parcel }: { parcel: ParcelUse }) {
  const moving = usePickedField(parcel, 'piece', 'movingParts');
  const steps = usePickedField(parcel, 'piece', 'steadying');
  const tick = (step: Steadying, done: boolean) => {
    const next = STEADYING.filter((one) => (one === step ? done : steps.value.includes(one)));
    steps.pick(next);
    const steady = next.length === STEADYING.length;
    if (moving.value !== 'none' && steady !== (moving.value === 'steadied')) moving.pick(steady ? 'steadied' : 'shifting');
  };
  return (
    <>
      <Choice label="Inside its case or box" options={MOVING} field={moving} />
      {moving.value !== 'none' && (
        <div className="field wide steadying" role="group" aria-label="Steadying it">
          {STEADYING.map((step) => (
            <Checkbox key={step} checked={steps.value.includes(step)} onChange={(event) => tick(step, event.target.checked)}>
              {STEP_WORDS[step]}
            </Checkbox>
          ))}
          <PickedClash {...steps} />
        </div>
      )}
    </>
  );
}
