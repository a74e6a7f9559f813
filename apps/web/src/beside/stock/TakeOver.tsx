'use client';
import { Button, Input } from 'antd';
import { ClipboardPaste, Upload } from 'lucide-react';
import { useRef, useState } from 'react';
import type { Stockroom } from '@inch-nest/core';
import { listChanges, readStockCsv, type ListChanges, type StockKind } from '@inch-nest/formats';
import { Problems } from '../../parts/Problems.tsx';

const MOST_FILE = 2_000_000;
/** Changed rows that are written out. */
const MOST_TOLD = 30;

/** A list that was read, and what taking it over would change. */
interface Read {
  readonly part: Partial<Stockroom>;
  readonly changes: ListChanges;
}

/** Takes a list over from a file or from what was copied in a spreadsheet: first it says what would change. */
export function TakeOver({ kind, stock, onTake }: { kind: StockKind; stock: Stockroom; onTake: (part: Partial<Stockroom>) => void }) {
  const [pasting, setPasting] = useState<string | null>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [read, setRead] = useState<Read | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const look = (text: string) => {
    const reading = readStockCsv(kind, text, stock[kind] as never);
    if (!reading.ok) {
      setRead(null);
      return setProblems(reading.problems.map(({ path, message }) => `${path}: ${message}`));
    }
    setProblems([]);
    setRead({ part: { [kind]: reading.items }, changes: listChanges(kind, stock[kind] as never, reading.items as never) });
  };
  const open = async (chosen: File | undefined) => {
    if (!chosen) return;
    if (chosen.size > MOST_FILE) return setProblems([`${chosen.name} is larger than 2 MB`]);
    look(await chosen.text());
  };
  const leave = () => {
    setRead(null);
    setPasting(null);
    setProblems([]);
  };
  return (
    <section className="take-over" aria-label={`Take ${kind} over`}>
      <div className="act-row">
        <Button icon={<Upload size={20} aria-hidden />} onClick={() => file.current?.click()}>
          From CSV
        </Button>
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv,text/tab-separated-values"
          className="unseen"
          aria-label={`A CSV file of ${kind}`}
          onChange={(event) => {
            void open(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
        <Button
          icon={<ClipboardPaste size={20} aria-hidden />}
          aria-expanded={pasting !== null}
          onClick={() => setPasting(pasting === null ? '' : null)}
        >
          Paste …
        </Button>
      </div>
      {pasting !== null && !read && (
        <>
          <label htmlFor="pasted">Copied from a spreadsheet, with its heading line; the CSV from here shows the columns</label>
          <Input.TextArea
            id="pasted"
            autoFocus
            rows={6}
            value={pasting}
            onChange={(event) => {
              setPasting(event.target.value);
              setProblems([]);
            }}
          />
          <div className="act-row">
            <Button type="primary" disabled={pasting.trim() === ''} onClick={() => look(pasting)}>
              What would it change?
            </Button>
            <Button onClick={leave}>Leave it</Button>
          </div>
        </>
      )}
      <Problems list={problems} />
      {read && (
        <div className="banner mind" role="status">
          <div>
            <Changes {...read.changes} />
            <div className="act-row">
              <Button
                type="primary"
                disabled={isNothing(read.changes)}
                onClick={() => {
                  onTake(read.part);
                  leave();
                }}
              >
                Take it over
              </Button>
              <Button onClick={leave}>Leave it as it is</Button>
            </div>
          </div>
        </div>
      )}
    </section>
  );
}

const isNothing = ({ added, gone, changed }: ListChanges): boolean => added.length + gone.length + changed.length === 0;

function Changes(changes: ListChanges) {
  const { added, gone, changed } = changes;
  if (isNothing(changes)) return <p>It changes nothing: every line is as it is here.</p>;
  return (
    <>
      <p>
        <b>It would change this; nothing is kept yet.</b>
      </p>
      <ul className="list-changes">
        {added.length > 0 && <li>New: {added.join(', ')}</li>}
        {gone.length > 0 && (
          <li className="risk">
            No longer kept, since {gone.length === 1 ? 'it is' : 'they are'} not listed: {gone.join(', ')}
          </li>
        )}
        {changed.slice(0, MOST_TOLD).map(({ name, cells }) => (
          <li key={name}>
            {name}: {cells.map(({ column, was, will }) => `${column} ${was || 'nothing'} → ${will || 'nothing'}`).join(', ')}
          </li>
        ))}
        {changed.length > MOST_TOLD && <li>and {changed.length - MOST_TOLD} more lines</li>}
      </ul>
    </>
  );
}
