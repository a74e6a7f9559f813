'use client';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { countryOf, takenSide, type House } from '@inch-nest/core';
import { heldIn, papersDue, type PaperKind, type ParcelView } from '@inch-nest/contracts';
import { useShop } from '../session/ShopContext.tsx';
import { Trouble } from '../parts/Trouble.tsx';
import { send } from '../session/http.ts';
import type { ParcelUse } from './useParcel.ts';

export const PAPER_NAMES: Readonly<Record<PaperKind, string>> = {
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

/** Papers of a parcel: what is due, how they are asked for, and whether what was asked for came out; it counts as printed when somebody says so. */
export function usePrinting({ view, report }: Pick<ParcelUse, 'view' | 'report'>) {
  const { shop } = useShop();
  const [asked, setAsked] = useState<readonly PaperKind[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const { data: letters = [] } = useQuery({
    queryKey: ['letters', view.id, view.revision, view.address.revision],
    queryFn: () => send<string[]>('GET', `/api/parcels/${view.id}/letters`),
  });
  const of = papersOf(view, shop.house);
  const due = papersDue(of);
  const unfilled = due.includes('customs') && view.sale.customs.value === null;
  const cameOut = () =>
    report({ kind: 'printed', papers: asked }).then(
      () => setAsked([]),
      (error: Error) => setProblem(error.message),
    );
  return {
    of,
    /** What is due and can be printed now. */
    ready: unfilled ? due.filter((kind) => kind !== 'customs') : due,
    /** The customs sheet is due and nobody has filled it in. */
    unfilled,
    ask: (kinds: readonly PaperKind[]) => ({
      from: `/api/parcels/${view.id}/papers`,
      asked: { kinds: kinds.join(',') },
      onAsked: () => setAsked(kinds),
    }),
    /** What of it cannot be printed; and once it was asked for, whether it came out. */
    cameOut: (
      <>
        {letters.length > 0 && (
          <p className="ochre" role="status">
            ⚠ No letters for <bdi>{letters.slice(0, 12).join(' ')}</bdi>
            {letters.length > 12 && ' …'}: they come out as empty squares. Write them in Latin letters beside, or by hand.
          </p>
        )}
        {asked.length > 0 && (
          <div className="banner mind act-row" role="status">
            Did {asked.length === 1 ? PAPER_NAMES[asked[0]!].toLowerCase() : `all ${asked.length}`} come out?
            <Button type="primary" onClick={() => void cameOut()}>
              Yes, printed
            </Button>
            <Button onClick={() => setAsked([])}>Not yet</Button>
          </div>
        )}
        <Trouble says={problem} />
      </>
    ),
  };
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
