'use client';
import { Button } from 'antd';
import { FileText, Printer } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import { countryOf, takenSide, type House } from '@inch-nest/core';
import { heldIn, papersDue, type PaperKind, type ParcelView } from '@inch-nest/contracts';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { AskForFile } from '../../parts/AskForFile.tsx';
import { Trouble } from '../../parts/Trouble.tsx';

const NAMES: Readonly<Record<PaperKind, string>> = {
  label: 'Label, 4 × 6 in',
  tag: 'Box tag',
  slip: 'Packing slip',
  opening: 'Opening card',
  bench: 'Bench card',
  part: 'One of several',
  customs: 'Customs sheet',
  letter: 'Letter',
  marks: 'Handling marks',
  test: 'Test page',
  record: 'All of it on paper',
};

/** Everything that is printed for a parcel; what is due comes as one, and counts as printed when somebody says that it came out. */
export function Papers({ parcel }: { parcel: ParcelUse }) {
  const { shop } = useShop();
  const { view, report } = parcel;
  const [asked, setAsked] = useState<readonly PaperKind[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const of = papersOf(view, shop.house);
  const due = papersDue(of);
  const unfilled = due.includes('customs') && view.sale.customs.value === null;
  const ready = unfilled ? due.filter((kind) => kind !== 'customs') : due;
  const ask = (kinds: readonly PaperKind[]) => ({
    from: `/api/parcels/${view.id}/papers`,
    asked: { kinds: kinds.join(',') },
    onAsked: () => setAsked(kinds),
  });
  const has: Partial<Record<PaperKind, boolean>> = {
    label: of.hasLabel,
    opening: of.hasPlan,
    bench: of.hasPlan,
    part: of.oneOfSeveral,
    customs: of.abroad && !unfilled,
    letter: of.hasLetter,
  };
  const cameOut = () =>
    report({ kind: 'printed', papers: asked }).then(
      () => setAsked([]),
      (error: Error) => setProblem(error.message),
    );
  return (
    <section aria-label="Papers" className="papers">
      <h2>Papers</h2>
      <div className="act-row">
        {ready.length > 0 ? (
          <AskForFile {...ask(ready)} className="print-due">
            <Printer size={20} aria-hidden /> Print what is due: {ready.map((kind) => NAMES[kind].split(',')[0]!.toLowerCase()).join(', ')}
          </AskForFile>
        ) : (
          <span className="soft">✓ Everything due has come out.</span>
        )}
      </div>
      {unfilled && (
        <p className="ochre">
          ⚠ It goes abroad: <Link href={`/parcels/${view.id}/sale`}>fill in the customs sheet first.</Link>
        </p>
      )}
      {asked.length > 0 && (
        <div className="banner mind act-row" role="status">
          Did {asked.length === 1 ? NAMES[asked[0]!].toLowerCase() : `all ${asked.length}`} come out?
          <Button type="primary" onClick={() => void cameOut()}>
            Yes, printed
          </Button>
          <Button onClick={() => setAsked([])}>Not yet</Button>
        </div>
      )}
      <Trouble says={problem} />
      <ul>
        {(Object.keys(NAMES) as PaperKind[])
          .filter((kind) => has[kind] ?? true)
          .map((kind) => (
            <li key={kind}>
              <AskForFile {...ask([kind])} className="link-button">
                <FileText size={20} aria-hidden /> {NAMES[kind]}
                {view.life.printed.includes(kind) && <span title="printed"> ✓</span>}
              </AskForFile>
            </li>
          ))}
      </ul>
    </section>
  );
}

const papersOf = (view: ParcelView, house: House) => {
  const { life, nest, sale, set } = view;
  const marks = takenSide(house, 'marks');
  return {
    hasLabel: life.label !== null,
    hasPlan: nest.plan !== null,
    openingNote: house.openingNote,
    marked: marks === null ? heldIn(view).some(({ piece }) => piece.keepUpright.value) : marks !== 'none',
    abroad: countryOf(String(sale.destinationPostcode.value)) !== null,
    oneOfSeveral: set.length > 1,
    hasLetter: sale.letter.value !== null,
    printed: life.printed,
  };
};
