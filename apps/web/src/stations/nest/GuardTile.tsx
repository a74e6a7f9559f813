'use client';
import { Select } from 'antd';
import { GUARDS, HARD_POINTS, type GuardKind, type PlanDocument } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';

const OPTIONS: { value: GuardKind | 'none'; label: string }[] = [
  { value: 'none', label: 'bare' },
  ...Object.values(GUARDS).map((one) => ({ value: one.kind, label: one.name })),
];

/** The guards that go on before the first layer; they belong to the piece, so changing one searches again. */
export function GuardTile({ plan, parcel, nest }: { plan: PlanDocument; parcel: ParcelUse; nest: NestUse }) {
  const { write } = useShop();
  const points = parcel.view.piece.hardPoints.value;
  if (points.length === 0) return null;
  const guards = plan.choice.guards ?? {};
  const put = (id: string, guard: GuardKind | null) => {
    // what the nest put on by itself is taken off the nest; what a person puts on belongs to the piece
    if (guards[id])
      nest.change(({ guards: all = {} }) => ({ guards: Object.fromEntries(Object.entries(all).filter(([one]) => one !== id)) }));
    if (guards[id] && guard === null) return;
    const next = points.map((point) => (point.id === id ? { ...point, guard } : point));
    parcel.keepField('piece', 'hardPoints', JSON.stringify(next));
  };
  return (
    <div className="tile" role="group" aria-label="Guards">
      <span className="tile-head">
        <b>Guards first</b>
      </span>
      {points.map((point) => {
        const covered = plan.piece.hardPoints.find((one) => one.id === point.id)?.coverIn;
        return (
          <div key={point.id} className="guard-row">
            <span className="detail">
              {HARD_POINTS[point.kind].name}, {point.face}
              {covered !== undefined && `: cover ${write.length(covered)}`}
              {!point.guard && guards[point.id] && ' (this nest)'}
            </span>
            <Select<GuardKind | 'none'>
              aria-label={`Guard of the ${HARD_POINTS[point.kind].name} on the ${point.face}`}
              value={point.guard ?? guards[point.id] ?? 'none'}
              options={OPTIONS}
              popupMatchSelectWidth={false}
              onChange={(guard) => put(point.id, guard === 'none' ? null : guard)}
            />
          </div>
        );
      })}
    </div>
  );
}
