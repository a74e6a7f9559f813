'use client';
import { Button } from 'antd';
import { OVERRULE_REASONS, type OverruleReason } from '@inch-nest/core';
import { sameContent, type SearchAnswer } from '@inch-nest/contracts';
import type { NestUse } from '../../../parcel/useNest.ts';
import type { ParcelUse } from '../../../parcel/useParcel.ts';

const REASON_WORDS: Readonly<Record<OverruleReason, string>> = {
  noneHere: 'none of it here',
  noTime: 'no time for it',
  fitsBadly: 'it fits badly in the hand',
  doubted: 'I don’t trust it',
  buyerAsked: 'the buyer asked',
};

/** One tap to say why a kept nest is not the recommended one. */
export function Overruled({
  nest,
  parcel,
  found,
}: {
  nest: NestUse;
  parcel: ParcelUse;
  found: Extract<SearchAnswer, { kind: 'planned' }>;
}) {
  const { life, nest: kept } = parcel.view;
  if (!kept.choice || !kept.plan || sameContent(kept.choice, found.recommended.choice) || nest.searching) return null;
  const planId = kept.plan.id;
  return (
    <div className="overruled" role="group" aria-label="Why not the recommended nest?">
      <span>Not the recommended one. Why?</span>
      {OVERRULE_REASONS.map((reason) => (
        <Button
          key={reason}
          aria-pressed={life.overruled === reason}
          type={life.overruled === reason ? 'primary' : 'default'}
          onClick={() => void parcel.report({ kind: 'overruled', planId, reason }).catch(() => undefined)}
        >
          {REASON_WORDS[reason]}
        </Button>
      ))}
    </div>
  );
}
