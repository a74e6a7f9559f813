'use client';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button, Segmented } from 'antd';
import { Download, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { GUARDS, stockName, USUAL_WEEKS, type Stockroom } from '@inch-nest/core';
import type { ShelfTag, StockView } from '@inch-nest/contracts';
import { writeStockCsv, type StockKind } from '@inch-nest/formats';
import { KeepTrouble } from '../../parts/KeepTrouble.tsx';
import { measureOf } from '../../words/measures.ts';
import { shopPartWords } from '../../words/shopPartWords.ts';
import { Trouble } from '../../parts/Trouble.tsx';
import { send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { SidePage } from '../../frame/SidePage.tsx';
import { useSaveShop } from '../../session/useSaveShop.ts';
import { BoxTable } from './BoxTable.tsx';
import { DropSheet } from './DropSheet.tsx';
import { FillTable, WrapTable } from './MaterialTables.tsx';
import { MaterialsSheet } from './MaterialsSheet.tsx';
import { MoveForm } from './MoveForm.tsx';
import { MovesSheet } from './MovesSheet.tsx';
import { OffcutTable } from './OffcutTable.tsx';
import { OrderSheet } from './OrderSheet.tsx';
import { SizesSheet } from './SizesSheet.tsx';
import { TakeOver } from './TakeOver.tsx';
import { TapeTable } from './TapeTable.tsx';

const SHEETS = [
  { value: 'order', label: 'To buy' },
  { value: 'boxes', label: 'Boxes' },
  { value: 'wraps', label: 'Wraps' },
  { value: 'fills', label: 'Fills' },
  { value: 'tapes', label: 'Tapes, board' },
  { value: 'guards', label: 'Guards' },
  { value: 'drops', label: 'Drop tests' },
  { value: 'moves', label: 'Came and went' },
  { value: 'sizes', label: 'Which sizes' },
  { value: 'materials', label: 'Which materials' },
] as const;
type Sheet = (typeof SHEETS)[number]['value'];
const LOOK_EVERY_MS = 20_000;

/** What the planner may take: properties and counts, changed in place, to and from CSV. */
export function StockSheet({ shelf, asked = 'boxes' }: { shelf: ShelfTag[]; asked?: string }) {
  const { shop, kept, person, write } = useShop();
  const saving = useSaveShop();
  const [sheet, setSheet] = useState<Sheet>(SHEETS.find(({ value }) => value === asked)?.value ?? 'boxes');
  const [weeks, setWeeks] = useState(USUAL_WEEKS);
  const [came, setCame] = useState<string | null>(null);
  const ahead = useQuery({
    queryKey: ['stock', weeks, shop.heldRevision],
    queryFn: () => send<StockView>('GET', `/api/stock?weeks=${weeks}`),
    placeholderData: keepPreviousData,
    refetchInterval: LOOK_EVERY_MS,
    enabled: sheet === 'order' || sheet === 'moves',
  });
  const show = (next: Sheet) => {
    setSheet(next);
    // the address leads back to it
    window.history.replaceState(null, '', next === 'boxes' ? '/stock' : `/stock?sheet=${next}`);
  };
  const { stock } = shop;
  const keep = (part: Partial<Stockroom>) => {
    saving.save({ stock: { ...stock, ...part } });
  };
  const listed: StockKind | null = sheet === 'boxes' || sheet === 'wraps' || sheet === 'fills' ? sheet : null;
  const give = () => {
    if (!listed) return;
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([writeStockCsv(listed, stock[listed] as never)], { type: 'text/csv' }));
    link.download = `${listed}.csv`;
    link.click();
    URL.revokeObjectURL(link.href);
  };
  const nothingYet =
    stock.boxes.every((box) => box.onHand <= 0) &&
    stock.wraps.every((wrap) => wrap.onHandFt2 <= 0) &&
    stock.fills.every((fill) => fill.onHandFt3 <= 0);
  const low = [
    ...stock.boxes.filter((box) => box.onHand <= 0).map((box) => box.name),
    ...stock.wraps.filter((wrap) => wrap.onHandFt2 < 20).map((wrap) => wrap.name.toLowerCase()),
    ...stock.fills.filter((fill) => fill.onHandFt3 < 2).map((fill) => fill.name.toLowerCase()),
  ];
  const words = nothingYet
    ? 'Nothing is on hand yet: list the boxes you have, and count wraps and fills.'
    : low.length > 0
      ? `Out or nearly out: ${low.join(', ')}.`
      : 'Nothing is out.';
  return (
    <SidePage shelf={shelf}>
      <div className="section-head">
        <h1>Stock</h1>
        <span className="stock-actions">
          {listed && (
            <Button icon={<Download size={20} aria-hidden />} onClick={give}>
              To CSV
            </Button>
          )}
          <a className="link-button" href="/api/labels?of=bins" target="_blank" rel="noreferrer">
            Bin labels
          </a>
          <a className="link-button" href="/api/labels?of=boxes" target="_blank" rel="noreferrer">
            Box labels
          </a>
          <Button icon={<Undo2 size={20} aria-hidden />} disabled={!saving.canTakeBack} onClick={saving.takeBack}>
            Take the last change back
          </Button>
        </span>
      </div>
      <p className="soft sub">{words} A plan says so before it relies on what is not there.</p>
      <KeepTrouble saving={saving} nameOf={(path) => shopPartWords(path, kept)} />
      <Segmented<Sheet> className="stock-sheets" aria-label="What of the stock" value={sheet} onChange={show} options={[...SHEETS]} />
      {(sheet === 'order' || sheet === 'moves') && ahead.isError && <Trouble says="the bench could not be reached; it is asked again" />}
      {sheet === 'order' &&
        (ahead.data ? (
          <OrderSheet
            stock={ahead.data}
            weeks={weeks}
            onWeeks={setWeeks}
            onCame={(item) => {
              setCame(stockName(item));
              show('moves');
            }}
          />
        ) : (
          <p className="soft">Looked up …</p>
        ))}
      {sheet === 'sizes' && <SizesSheet shelf={shelf} />}
      {sheet === 'materials' && <MaterialsSheet />}
      {sheet === 'moves' && (
        <>
          <MoveForm key={came} item={came} onTell={saving.tell} />
          {ahead.data ? <MovesSheet moves={ahead.data.moves} /> : <p className="soft">Looked up …</p>}
        </>
      )}
      {sheet === 'boxes' && <BoxTable boxes={stock.boxes} onChange={(boxes) => keep({ boxes })} />}
      {sheet === 'wraps' && <WrapTable wraps={stock.wraps} onChange={(wraps) => keep({ wraps })} />}
      {sheet === 'fills' && <FillTable fills={stock.fills} onChange={(fills) => keep({ fills })} />}
      {listed && <TakeOver key={listed} kind={listed} stock={stock} onTake={keep} />}
      {sheet === 'tapes' && <TapeTable stock={stock} onChange={keep} />}
      {sheet === 'tapes' && stock.linerBoard && (
        <OffcutTable offcuts={stock.offcuts ?? []} sheet={stock.linerBoard} onChange={(offcuts) => keep({ offcuts })} />
      )}
      {sheet === 'drops' && <DropSheet stock={stock} onChange={keep} />}
      {sheet === 'guards' && (
        <table className="stock-table">
          <thead>
            <tr>
              <th>Guard</th>
              <th>Thick</th>
              <th>Each</th>
              <th>{measureOf('perRun', person.system).unit}</th>
              <th>Takes</th>
            </tr>
          </thead>
          <tbody>
            {Object.values(GUARDS).map((guard) => (
              <tr key={guard.kind}>
                <th scope="row">{guard.name}</th>
                <td className="numeral">{write.length(guard.thicknessIn)}</td>
                <td className="numeral">{guard.minorEach > 0 ? write.money(guard.minorEach) : '—'}</td>
                <td className="numeral">
                  {guard.minorPerFt > 0 ? write.money(guard.minorPerFt * measureOf('perRun', person.system).of) : '—'}
                </td>
                <td className="numeral">{guard.minutes} min</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </SidePage>
  );
}
