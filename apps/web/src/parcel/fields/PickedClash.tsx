'use client';
import { Button } from 'antd';
import type { FieldClash } from './useTypedField.ts';

/** Both sides of a picked field that two people changed. */
export function PickedClash({ clash, settle }: { clash: FieldClash | null; settle: (mine: boolean) => void }) {
  if (!clash) return null;
  return (
    <div className="conflict" role="alert">
      <p>{clash.theirs.by} picked something else while you did.</p>
      <Button onClick={() => settle(false)}>Keep {clash.theirs.by}’s</Button>
      <Button type="primary" onClick={() => settle(true)}>
        Keep mine
      </Button>
    </div>
  );
}
