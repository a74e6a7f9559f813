'use client';
import { FileText, Printer } from 'lucide-react';
import Link from 'next/link';
import type { PaperKind } from '@inch-nest/contracts';
import { PAPER_NAMES, usePrinting } from '../../parcel/usePrinting.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { AskForFile } from '../../parts/AskForFile.tsx';

/** Everything that is printed for a parcel; what is due comes as one, and counts as printed when somebody says that it came out. */
export function Papers({ parcel }: { parcel: ParcelUse }) {
  const { view } = parcel;
  const { of, ready, unfilled, ask, cameOut } = usePrinting(parcel);
  const has: Partial<Record<PaperKind, boolean>> = {
    label: of.hasLabel,
    opening: of.hasPlan,
    bench: of.hasPlan,
    part: of.oneOfSeveral,
    customs: of.abroad && !unfilled,
    letter: of.hasLetter,
  };
  return (
    <section aria-label="Papers" className="papers">
      <h2>Papers</h2>
      <div className="act-row">
        {ready.length > 0 ? (
          <AskForFile {...ask(ready)} className="print-due">
            <Printer size={20} aria-hidden /> Print what is due:{' '}
            {ready.map((kind) => PAPER_NAMES[kind].split(',')[0]!.toLowerCase()).join(', ')}
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
      {cameOut}
      <ul>
        {(Object.keys(PAPER_NAMES) as PaperKind[])
          .filter((kind) => has[kind] ?? true)
          .map((kind) => (
            <li key={kind}>
              <AskForFile {...ask([kind])} className="link-button">
                <FileText size={20} aria-hidden /> {PAPER_NAMES[kind]}
                {view.life.printed.includes(kind) && <span title="printed"> ✓</span>}
              </AskForFile>
            </li>
          ))}
      </ul>
    </section>
  );
}
