'use client';
import { FileText, FolderArchive } from 'lucide-react';
import { claimOf, type ClaimReader } from '@inch-nest/contracts';
import { AskForFile } from '../../parts/AskForFile.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';

const FOLDERS: readonly { reader: ClaimReader; name: string; says: string }[] = [
  {
    reader: 'carrier',
    name: 'For the carrier',
    says: 'Worth, sending, how it was packed with the strength of the boxes, tests it passed, weights and photographs, each with its time. Nothing of what you expected, paid or tried.',
  },
  { reader: 'shop', name: 'Your own', says: 'All of that, what is missing, and the whole record with its money.' },
];

const CLAIMED = ['damaged', 'lost', 'returned'];

/** What a claim is made with, in one document or one folder, and what it lacks. */
export function ClaimFolder({ parcel }: { parcel: ParcelUse }) {
  const { shop } = useShop();
  const { view } = parcel;
  if (!CLAIMED.includes(view.life.state)) return null;
  const { missing } = claimOf(view, shop);
  return (
    <section aria-label="Claim folder" className="papers">
      <h2>Claim folder</h2>
      {missing.length === 0 ? (
        <p>✓ Nothing is missing.</p>
      ) : (
        <ul className="missing">
          {missing.map((one) => (
            <li key={one} className="ochre">
              ⚠ {one.charAt(0).toUpperCase() + one.slice(1)}
            </li>
          ))}
        </ul>
      )}
      {FOLDERS.map(({ reader, name, says }) => (
        <div key={reader} role="group" aria-label={name}>
          <h3>{name}</h3>
          <p className="soft">{says}</p>
          <div className="act-row">
            <AskForFile from={`/api/parcels/${view.id}/claim`} asked={{ as: 'pdf', for: reader }} className="print-due">
              <FileText size={20} aria-hidden /> As one PDF
            </AskForFile>
            <AskForFile from={`/api/parcels/${view.id}/claim`} asked={{ as: 'zip', for: reader }} className="print-due">
              <FolderArchive size={20} aria-hidden /> As a ZIP
            </AskForFile>
          </div>
        </div>
      ))}
      <p className="soft">Photographs stay while the claim is open. The carrier’s own terms say what it wants and by when.</p>
    </section>
  );
}
