import type { NextChange } from '@inch-nest/core';
import { pieceInHand } from './bundleInHand.ts';
import type { NestUse } from './useNest.ts';
import type { ParcelUse } from './useParcel.ts';

/** Takes a change: guards and filled hollows are facts of the piece, everything else a choice of the nest. */
export function applyChange({ change, guard, choice }: NextChange, whole: ParcelUse, nest: NestUse): void {
  const parcel = pieceInHand(whole, ('bundle' in change ? change.bundle : undefined) ?? 0);
  const { hollows, hardPoints } = parcel.view.piece;
  if (change.kind === 'hollow')
    return parcel.keepField(
      'piece',
      'hollows',
      JSON.stringify(hollows.value.map((one) => (one.id === change.hollowId ? { ...one, filled: true } : one))),
    );
  if (!guard) return nest.take(choice);
  parcel.keepField(
    'piece',
    'hardPoints',
    JSON.stringify(hardPoints.value.map((point) => (point.id === guard.hardPointId ? { ...point, guard: guard.guard } : point))),
  );
}
