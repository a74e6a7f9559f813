'use client';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { planBundles, type PlanBundle, type PlanDocument } from '@inch-nest/core';
import { moneyOf } from '@inch-nest/contracts';
import type { BenchLog } from '../../parcel/useBenchLog.ts';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';

/** The piece broke while it was packed: what happened, and what that costs. */
export function Broke({ parcel, log, plan }: { parcel: ParcelUse; log: BenchLog; plan: PlanDocument }) {
  const { write } = useShop();
  const [note, setNote] = useState<string | null>(null);
  const owed = moneyOf(parcel.view);
  const done = new Set(log.life.steps.map((step) => step.key));
  const ofBundle = ({ layers, block, interleaved }: PlanBundle) =>
    block.at.length * layers.reduce((sum, layer) => sum + layer.costMinor, 0) + (interleaved?.costMinor ?? 0);
  const wraps = done.size === 0 ? 0 : planBundles(plan).reduce((sum, bundle) => sum + ofBundle(bundle), 0);
  const costMinor = Math.round(owed.soldMinor + owed.shippingCollectedMinor + wraps);
  if (log.life.state === 'brokenAtBench')
    return (
      <p className="banner wrong" role="status">
        It broke at the bench. The buyer is owed a refund; nothing more is packed.
      </p>
    );
  if (note === null)
    return (
      <Button type="text" danger onClick={() => setNote('')}>
        It broke …
      </Button>
    );
  return (
    <form
      className="broke"
      aria-label="It broke"
      onSubmit={(event) => {
        event.preventDefault();
        if (note.trim() !== '') void log.log({ kind: 'brokenAtBench', note: note.trim(), costMinor });
      }}
    >
      <p className="ochre">⚠ Mind your hands: gloves for shards, sweep up before anything else.</p>
      <label htmlFor="broke-note">What happened</label>
      <Input id="broke-note" autoFocus maxLength={300} value={note} onChange={(event) => setNote(event.target.value)} />
      <p>
        Costs {write.money(costMinor)}: the sale and its shipping refunded{wraps > 0 ? ', wrap used' : ''}.
      </p>
      <div className="act-row">
        <Button htmlType="submit" type="primary" danger disabled={note.trim() === ''}>
          It is broken
        </Button>
        <Button onClick={() => setNote(null)}>No</Button>
      </div>
    </form>
  );
}
