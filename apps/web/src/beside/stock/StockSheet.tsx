'use client';
import { Button, Segmented } from 'antd';
import { Download, Undo2, Upload } from 'lucide-react';
import { useRef, useState } from 'react';
import { GUARDS, type Stockroom } from '@inch-nest/core';
import type { ShelfTag } from '@inch-nest/contracts';
import { readStockCsv, writeStockCsv, type StockKind } from '@inch-nest/formats';
import { KeepTrouble } from '../../parts/KeepTrouble.tsx';
import { measureOf } from '../../words/measures.ts';
import { shopPartWords } from '../../words/shopPartWords.ts';
import { Problems } from '../../parts/Problems.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { SidePage } from '../../frame/SidePage.tsx';
import { useSaveShop } from '../../session/useSaveShop.ts';
import { BoxTable } from './BoxTable.tsx';
import { FillTable, WrapTable } from './MaterialTables.tsx';
import { TapeTable } from './TapeTable.tsx';

const MOST_FILE = 2_000_000;
const SHEETS = [
  { value: 'boxes', label: 'Boxes' },
  { value: 'wraps', label: 'Wraps' },
  { value: 'fills', label: 'Fills' },
  { value: 'tapes', label: 'Tapes' },
  { value: 'guards', label: 'Guards' },
] as const;
type Sheet = (typeof SHEETS)[number]['value'];

/** What the planner may take: properties and counts, changed in place, to and from CSV. */
export function StockSheet({ shelf }: { shelf: ShelfTag[] }) {
  const { shop, kept, person, write } = useShop();
  const saving = useSaveShop();
  const [sheet, setSheet] = useState<Sheet>('boxes');
  const [problems, setProblems] = useState<readonly string[]>([]);
  const file = useRef<HTMLInputElement>(null);
  const { stock } = shop;
  const keep = (part: Partial<Stockroom>) => {
    setProblems([]);
    saving.save({ stock: { ...stock, ...part } });
  };
  const listed: StockKind | null = sheet === 'boxes' || sheet === 'wraps' || sheet === 'fills' ? sheet : null;
  const take = async (chosen: File | undefined) => {
    if (!chosen || !listed) return;
    if (chosen.size > MOST_FILE) return setProblems([`${chosen.name} is larger than 2 MB`]);
    const reading = readStockCsv(listed, await chosen.text());
    if (reading.ok) keep({ [listed]: reading.items });
    else setProblems(reading.problems.map(({ path, message }) => `${path}: ${message}`));
  };
  const give = () => {
    if (!listed) return;
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([writeStockCsv(listed, stock[listed] as never)], { type: 'text/csv' }));
    link.download = `${listed}.csv`;
    link.click();
    URL.revokeObjectURL(link.href);
  };
  const low = [
    ...stock.boxes.filter((box) => box.onHand <= 0).map((box) => box.name),
    ...stock.wraps.filter((wrap) => wrap.onHandFt2 < 20).map((wrap) => wrap.name.toLowerCase()),
    ...stock.fills.filter((fill) => fill.onHandFt3 < 2).map((fill) => fill.name.toLowerCase()),
  ];
  return (
    <SidePage shelf={shelf}>
      <div className="section-head">
        <h1>Stock</h1>
        <span className="stock-actions">
          {listed && (
            <>
              <Button icon={<Download size={20} aria-hidden />} onClick={give}>
                To CSV
              </Button>
              <Button icon={<Upload size={20} aria-hidden />} onClick={() => file.current?.click()}>
                From CSV
              </Button>
              <input
                ref={file}
                type="file"
                accept=".csv,text/csv"
                className="unseen"
                aria-label={`A CSV file of ${listed}`}
                onChange={(event) => {
                  void take(event.target.files?.[0]);
                  event.target.value = '';
                }}
              />
            </>
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
      <p className="soft sub">
        {low.length > 0 ? `Out or nearly out: ${low.join(', ')}.` : 'Nothing is out.'} A plan says so before it relies on what is not there.
      </p>
      <Problems list={problems} />
      <KeepTrouble saving={saving} nameOf={(path) => shopPartWords(path, kept)} />
      <Segmented<Sheet>
        aria-label="What of the stock"
        value={sheet}
        onChange={(next) => {
          setProblems([]);
          setSheet(next);
        }}
        options={[...SHEETS]}
      />
      {sheet === 'boxes' && <BoxTable boxes={stock.boxes} onChange={(boxes) => keep({ boxes })} />}
      {sheet === 'wraps' && <WrapTable wraps={stock.wraps} onChange={(wraps) => keep({ wraps })} />}
      {sheet === 'fills' && <FillTable fills={stock.fills} onChange={(fills) => keep({ fills })} />}
      {sheet === 'tapes' && <TapeTable stock={stock} onChange={keep} />}
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
