'use client';
import { FileText } from 'lucide-react';
import type { ParcelView } from '@inch-nest/contracts';

const PAPERS: readonly { kind: string; name: string; needs?: 'label' | 'plan' }[] = [
  { kind: 'label', name: 'Label, 4 × 6 in', needs: 'label' },
  { kind: 'tag', name: 'Box tag' },
  { kind: 'slip', name: 'Packing slip' },
  { kind: 'opening', name: 'Opening card', needs: 'plan' },
  { kind: 'marks', name: 'Handling marks' },
  { kind: 'test', name: 'Test page' },
];

/** Everything that is printed for a parcel, each a PDF of its own. */
export function Papers({ view }: { view: ParcelView }) {
  const has = { label: view.life.label !== null, plan: view.nest.plan !== null };
  return (
    <section aria-label="Papers" className="papers">
      <h2>Papers</h2>
      <ul>
        {PAPERS.filter(({ needs }) => !needs || has[needs]).map(({ kind, name }) => (
          <li key={kind}>
            <a href={`/api/parcels/${view.id}/papers?kind=${kind}`} target="_blank" rel="noreferrer">
              <FileText size={20} aria-hidden /> {name}
            </a>
          </li>
        ))}
      </ul>
    </section>
  );
}
