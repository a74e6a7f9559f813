'use client';
import { FileText, FolderArchive } from 'lucide-react';
import { claimOf } from '@inch-nest/contracts';
import { AskForFile } from '../../parts/AskForFile.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';

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
      <div className="act-row">
        <AskForFile from={`/api/parcels/${view.id}/claim`} asked={{ as: 'pdf' }} className="print-due">
          <FileText size={20} aria-hidden /> As one PDF
        </AskForFile>
        <AskForFile from={`/api/parcels/${view.id}/claim`} asked={{ as: 'zip' }} className="print-due">
          <FolderArchive size={20} aria-hidden /> As a ZIP
        </AskForFile>
      </div>
      <p className="soft">Photographs stay while the claim is open. The carrier’s own terms say what it wants and by when.</p>
    </section>
  );
}
