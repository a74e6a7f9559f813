'use client';
import { Button, Modal, Select } from 'antd';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import {
  formatChance,
  shortCounter,
  stockInHand,
  unitsOf,
  unitsWords,
  type BoxStock,
  type FillStock,
  type InHand,
  type PlanDocument,
  type ShortStock,
} from '@inch-nest/core';
import { nestChangeBetween, planRequestFor, type ParcelView, type ShelfTag } from '@inch-nest/contracts';
import { send } from '../../session/http.ts';
import { useKeepElsewhere } from '../../session/keeping/useKept.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { planner } from '../../parcel/planner.ts';
import { FigureField } from '../../parts/FigureField.tsx';

interface Fit {
  readonly tag: ShelfTag;
  readonly view: ParcelView;
  /** Null where the box does not do, with the reason. */
  readonly plan: PlanDocument | null;
  readonly why: string;
}

const NOT_YET_PACKED = ['draft', 'planned'];

const NOTHING_ELSE: InHand = { fills: [], wraps: [] };
/** So many of a unit, until somebody has counted them. */
const A_HANDFUL = 6;

/** More of a fill than is in the hand, in what a hand takes of it. */
const lackWords = ({ wanted }: Pick<ShortStock, 'wanted'>, fill: FillStock): string =>
  `it takes ${unitsWords(unitsOf(fill, wanted), fill.unitName)} of ${fill.name.toLowerCase()}, and ${unitsWords(fill.onHandFt3 / fill.unitFt3, fill.unitName)} ${fill.onHandFt3 > fill.unitFt3 ? 'are' : 'is'} in the hand`;

/** Starts from what is in the hand, the box and whatever else: which of the pieces still to be packed it would do for, each with its best nest. */
export function BoxFits({ box, onClose }: { box: BoxStock; onClose: () => void }) {
  const { shop, person, write } = useShop();
  const keepElsewhere = useKeepElsewhere(person.id);
  const [fits, setFits] = useState<readonly Fit[]>([]);
  const [busy, setBusy] = useState(true);
  const [taken, setTaken] = useState<string | null>(null);
  const [hand, setHand] = useState<InHand>(NOTHING_ELSE);
  useEffect(() => {
    let stale = false;
    const run = async () => {
      setFits([]);
      setBusy(true);
      const stock = stockInHand(shop.stock, hand);
      const shelf = await send<ShelfTag[]>('GET', '/api/shelf');
      for (const tag of shelf.filter((one) => NOT_YET_PACKED.includes(one.state))) {
        const view = await send<ParcelView>('GET', `/api/parcels/${tag.id}?person=${person.id}`);
        const asked = planRequestFor(view, shop, person.system);
        // what is in the hand is nobody else's
        const held = hand.fills.length > 0 || hand.wraps.length > 0 ? { stock, reserved: [] } : {};
        const request = { ...asked, ...held, locks: { ...asked.locks, box: box.key } };
        const found = await planner().search(request);
        if (stale || found.kind === 'superseded') return;
        const short = found.kind === 'planned' ? shortCounter(request)(found.recommended.uses ?? []) : [];
        const lacks = hand.fills.flatMap(({ key }) => short.find((one) => one.key === key) ?? []).at(0);
        const fit = lacks
          ? {
              plan: null,
              why: lackWords(
                lacks,
                stock.fills.find(({ key }) => key === lacks.key)!,
              ),
            }
          : found.kind === 'planned'
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
  }, [box.key, hand, person.id, person.system, shop]);
  const pack = async ({ tag, view, plan }: Fit) => {
    if (!plan) return;
    const [fill, ...more] = hand.fills;
    const pinned = { box: box.key, ...(fill && more.length === 0 ? { fill: fill.key } : {}) };
    const wanted = nestChangeBetween(view.nest, { choice: plan.choice, locks: { ...view.nest.locks, ...pinned } });
    const waits = await keepElsewhere(`/api/parcels/${tag.id}/kept`, [{ path: 'nest', value: wanted, seen: view.nest.revision }]);
    if (waits.length > 0) return;
    setTaken(tag.id);
  };
  return (
    <Modal open onCancel={onClose} footer={null} width={640} title={`In the hand: ${box.name}`}>
      <AlsoInHand hand={hand} onHand={setHand} />
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

/** What else is in the hand: so much of some fills, and some wraps. */
function AlsoInHand({ hand, onHand }: { hand: InHand; onHand: (hand: InHand) => void }) {
  const { stock } = useShop().shop;
  const unitOf = (key: string) => stock.fills.find((fill) => fill.key === key)!;
  return (
    <div className="also-in-hand">
      <Select<string[]>
        aria-label="Fills in the hand"
        mode="multiple"
        placeholder="and of fills only …"
        value={hand.fills.map(({ key }) => key)}
        options={stock.fills.map(({ key, name }) => ({ value: key, label: name }))}
        onChange={(keys) =>
          onHand({ ...hand, fills: keys.map((key) => hand.fills.find((fill) => fill.key === key) ?? { key, units: A_HANDFUL }) })
        }
      />
      <Select<string[]>
        aria-label="Wraps in the hand"
        mode="multiple"
        placeholder="and of wraps only …"
        value={[...hand.wraps]}
        options={stock.wraps.map(({ key, name }) => ({ value: key, label: name }))}
        onChange={(wraps) => onHand({ ...hand, wraps })}
      />
      {hand.fills.map(({ key, units }) => (
        <FigureField
          key={key}
          id={`in-hand-${key}`}
          label={`${unitOf(key).name}: how many ${unitsWords(2, unitOf(key).unitName).slice(2)}`}
          kind="number"
          value={units}
          least={0.5}
          most={1000}
          onKeep={(next) => onHand({ ...hand, fills: hand.fills.map((fill) => (fill.key === key ? { key, units: next } : fill)) })}
        />
      ))}
    </div>
  );
}
