'use client';
import { Button } from 'antd';
import type { Conflict } from '@inch-nest/contracts';

/** Both sides of a picked field that two people changed. */
export function PickedConflict({ conflict, settle }: { conflict: Conflict | null; settle: (mine: boolean) => void }) {
  if (!conflict) return null;
  return (
    <div className="conflict" role="alert">
      <p>{conflict.theirs.by} picked something else while you did.</p>
      <Button onClick={() => settle(false)}>Keep {conflict.theirs.by}’s</Button>
      <Button type="primary" onClick={() => settle(true)}>
        Keep mine
      </Button>
    </div>
  );
}
