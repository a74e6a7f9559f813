'use client';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useScan } from '../../devices/scanner/ScannerProvider.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { useShelf } from '../../parcel/useShelf.ts';
import { Trouble } from '../../parts/Trouble.tsx';
import { behindWords } from '../../words/behindWords.ts';

const GONE = ['handedOver', 'delivered', 'damaged', 'lost', 'returned', 'closed'];

/** Tag against label before it leaves, by scan or by eye, both shown large. */
export function MatchTag({ parcel }: { parcel: ParcelUse }) {
  const { view, report } = parcel;
  const [scan, setScan] = useState('');
  const [seen, setSeen] = useState<{ tag: boolean; label: boolean }>({ tag: false, label: false });
  const [wrong, setWrong] = useState<string | null>(null);
  const shelf = useShelf();
  const tracking = view.labels.find((label) => label.state === 'bought')?.tracking ?? null;
  const tag = view.sale.buyer.value ?? String(view.sale.destinationPostcode.value);
  const alike = (shelf ?? []).filter((one) => one.id !== view.id && one.tag === tag && !GONE.includes(one.state));
  const read = (text: string) => {
    const code = text.trim();
    if (code === '') return;
    setScan('');
    const next = { tag: seen.tag || code === `P:${view.code}`, label: seen.label || code === tracking };
    const known = code === `P:${view.code}` || code === tracking;
    setWrong(known ? null : `${code} belongs to another parcel: put them side by side.`);
    setSeen(next);
    if (next.tag && next.label) void report({ kind: 'tagMatched' }).catch((error: Error) => setWrong(error.message));
  };
  useScan((code) => {
    if (!view.life.label || view.life.tagMatched || (code !== tracking && code !== `P:${view.code}`)) return false;
    read(code);
    return true;
  });
  if (!view.life.label || !tracking) return null;
  const behind = behindWords(view);
  return (
    <section aria-label="Tag and label" className="match">
      <h2>Tag and label</h2>
      {alike.length > 0 && (
        <p className="banner mind">
          ⚠ {alike.length === 1 ? 'Another parcel has' : `${alike.length} other parcels have`} the tag {tag} too: look at the codes,{' '}
          {alike.map((one) => one.code).join(', ')}.
        </p>
      )}
      {view.set.length > 1 && (
        <p role="note">
          It is <b>{view.set.findIndex((one) => one.id === view.id) + 1}</b> of {view.set.length}.{' '}
          {behind && `${behind.title} ${behind.says}`}
        </p>
      )}
      <div className="match-pair">
        <div>
          <span className="soft">on the box {seen.tag && '✓'}</span>
          <b className="numeral">{tag}</b>
          <b className="numeral">{view.code}</b>
        </div>
        <div>
          <span className="soft">on the label {seen.label && '✓'}</span>
          <b className="numeral">{String(view.sale.destinationPostcode.value)}</b>
          <b className="numeral">{tracking}</b>
        </div>
      </div>
      {view.life.tagMatched ? (
        <p role="status">✓ Matched.</p>
      ) : (
        <div className="match-acts">
          <Input
            aria-label="Scan the tag, then the label"
            placeholder="scan the tag, then the label"
            value={scan}
            maxLength={60}
            data-scan
            onChange={(event) => setScan(event.target.value)}
            onPressEnter={() => read(scan)}
          />
          <Button type="primary" onClick={() => void report({ kind: 'tagMatched' }).catch((error: Error) => setWrong(error.message))}>
            They match, I looked
          </Button>
        </div>
      )}
      <Trouble says={wrong} />
    </section>
  );
}
