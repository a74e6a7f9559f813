'use client';
import { Button, Modal } from 'antd';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { formatChance, type BoxStock, type PlanDocument } from '@inch-nest/core';
import { nestChangeBetween, planRequestFor, type ParcelView, type ShelfTag } from '@inch-nest/contracts';
import { send } from '../../session/http.ts';
import { useKeepElsewhere } from '../../session/keeping/useKept.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { planner } from '../../parcel/planner.ts';

interface Fit {
  readonly tag: ShelfTag;
  readonly view: ParcelView;
  /** Null where the box does not do, with the reason. */
  readonly plan: PlanDocument | null;
  readonly why: string;
}

const NOT_YET_PACKED = ['draft', 'planned'];

/** Starts from the box in the hand: which of the pieces still to be packed it would do for, each with its best nest. */
export function BoxFits({ box, onClose }: { box: BoxStock; onClose: () => void }) {
  const { shop, person, write } = useShop();
  const keepElsewhere = useKeepElsewhere(person.id);
  const [fits, setFits] = useState<readonly Fit[]>([]);
  const [busy, setBusy] = useState(true);
  const [taken, setTaken] = useState<string | null>(null);
  useEffect(() => {
    let stale = false;
    const run = async () => {
      const shelf = await send<ShelfTag[]>('GET', '/api/shelf');
      for (const tag of shelf.filter((one) => NOT_YET_PACKED.includes(one.state))) {
        const view = await send<ParcelView>('GET', `/api/parcels/${tag.id}?person=${person.id}`);
        const request = planRequestFor(view, shop, person.system);
        const found = await planner().search({ ...request, locks: { ...request.locks, box: box.key } });
        if (stale || found.kind === 'superseded') return;
        const fit =
          found.kind === 'planned'
            ? { plan: found.recommended, why: '' }
            : { plan: null, why: found.kind === 'noPlan' ? (found.reasons[1] ?? found.reasons[0] ?? 'it does not go in') : found.message };
        setFits((all) => [...all, { tag, view, ...fit }]);
      }
      setBusy(false);
    };
    run().catch(() => setBusy(false));
    return () => {
      stale = true;
    };
  }, [box.key, person.id, person.system, shop]);
  const pack = async ({ tag, view, plan }: Fit) => {
    if (!plan) return;
    const wanted = nestChangeBetween(view.nest, { choice: plan.choice, locks: { ...view.nest.locks, box: box.key } });
    const waits = await keepElsewhere(`/api/parcels/${tag.id}/kept`, [{ path: 'nest', value: wanted, seen: view.nest.revision }]);
    if (waits.length > 0) return;
    setTaken(tag.id);
  };
  return (
    <Modal open onCancel={onClose} footer={null} width={640} title={`In the hand: ${box.name}`}>
      <ul className="box-fits">
        {fits.map((fit) => (
          <li key={fit.tag.id}>
            <b>{fit.tag.title}</b>
            {fit.plan ? (
              <>
                <span className="numeral">
                  <span className="money">{write.money(fit.plan.costMinor)}</span> ·{' '}
                  <span className="risk">{formatChance(fit.plan.chance)}</span>
                </span>
                {taken === fit.tag.id ? (
                  <Link href={`/parcels/${fit.tag.id}/nest`}>✓ pinned: open its nest</Link>
                ) : (
                  <Button
                    onClick={() => {
                      pack(fit).catch(() => setTaken(null));
                    }}
                  >
                    Pack it in this
                  </Button>
                )}
              </>
            ) : (
              <span className="soft">no: {fit.why}</span>
            )}
          </li>
        ))}
      </ul>
      <p className="soft" role="status">
        {busy
          ? 'Trying the next piece …'
          : `${fits.filter((fit) => fit.plan).length} of ${fits.length} pieces still to be packed would do.`}
      </p>
    </Modal>
  );
}
