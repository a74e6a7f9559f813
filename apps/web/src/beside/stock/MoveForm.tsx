'use client';
import { Button, Input, Segmented, Select } from 'antd';
import { useState } from 'react';
import { countedStock, stockName, type StockKind } from '@inch-nest/core';
import type { ToldMove } from '@inch-nest/contracts';
import { FigureField } from '../../parts/FigureField.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { measureOf, type MeasureKey } from '../../words/measures.ts';

const MEASURE: Readonly<Record<StockKind, MeasureKey>> = { wrap: 'area', board: 'area', fill: 'volume', box: 'plain' };

/** A delivery, or something spoiled: what, how much, what was paid, from whom, and how long it took. */
export function MoveForm({ item, onTell }: { item: string | null; onTell: (move: ToldMove) => void }) {
  const { shop, person } = useShop();
  const items = countedStock(shop.stock);
  const [chosen, setChosen] = useState(item);
  const [why, setWhy] = useState<'received' | 'spoiled'>('received');
  const of = items.find((one) => stockName(one) === chosen) ?? null;
  const [amount, setAmount] = useState(of?.pack ?? 0);
  const [paidMinor, setPaid] = useState(0);
  const [supplier, setSupplier] = useState('');
  const [leadDays, setLeadDays] = useState(0);
  const received = why === 'received';
  const unit = of && of.kind !== 'box' ? `, ${measureOf(MEASURE[of.kind], person.system).unit}` : '';
  const whole = of?.kind === 'box' ? Math.round(amount) : amount;
  const tell = () => {
    if (!of || whole <= 0) return;
    onTell({
      kind: of.kind,
      key: of.key,
      why,
      amount: received ? whole : -whole,
      paidMinor: received && paidMinor > 0 ? paidMinor : null,
      supplier: received && supplier.trim() !== '' ? supplier.trim() : null,
      leadDays: received && leadDays > 0 ? Math.round(leadDays) : null,
    });
    setPaid(0);
  };
  return (
    <form
      className="move-form"
      aria-label="Came or went"
      onSubmit={(event) => {
        event.preventDefault();
        tell();
      }}
    >
      <Segmented<'received' | 'spoiled'>
        aria-label="What happened"
        value={why}
        onChange={setWhy}
        options={[
          { value: 'received', label: 'Came in' },
          { value: 'spoiled', label: 'Spoiled' },
        ]}
      />
      <Select
        aria-label="Of what"
        showSearch
        optionFilterProp="label"
        popupMatchSelectWidth={false}
        placeholder="of what?"
        value={chosen}
        options={items.map((one) => ({ value: stockName(one), label: one.name }))}
        onChange={(next: string) => {
          setChosen(next);
          setAmount(received ? (items.find((one) => stockName(one) === next)?.pack ?? 0) : 0);
        }}
      />
      <FigureField
        key={chosen}
        id="move-amount"
        label={`How much${unit}`}
        kind="number"
        measure={of ? MEASURE[of.kind] : 'plain'}
        value={amount}
        least={0}
        most={100_000}
        onKeep={setAmount}
      />
      {received && (
        <>
          <FigureField
            id="move-paid"
            label="Paid for all of it"
            kind="money"
            value={paidMinor}
            least={0}
            most={10_000_000}
            onKeep={setPaid}
          />
          <span className="figure-field">
            <label htmlFor="move-supplier">From</label>
            <Input id="move-supplier" value={supplier} maxLength={60} onChange={(event) => setSupplier(event.target.value)} />
          </span>
          <FigureField id="move-lead" label="Days it took" kind="number" value={leadDays} least={0} most={365} onKeep={setLeadDays} />
        </>
      )}
      <Button type="primary" htmlType="submit" disabled={!of || whole <= 0}>
        {received ? 'It came' : 'It is spoiled'}
      </Button>
      <span className="soft">
        {received
          ? 'The price becomes the average of what was there and what came; paid 0 leaves it.'
          : 'It is no longer counted as there.'}
      </span>
    </form>
  );
}
