'use client';
import { useState } from 'react';
import { Button } from 'antd';
import { PRACTICE_PIECES, type HandsView, type PracticeKey, type ShelfTag } from '@inch-nest/contracts';
import { SidePage } from '../../frame/SidePage.tsx';
import { HandsFoundTable } from './HandsFoundTable.tsx';
import { PracticePiece } from './PracticePiece.tsx';

/** For hands that learn: pieces to practise on, asked before they are shown, and what tests at the bench found of late. */
export function Hands({ shelf, view }: { shelf: ShelfTag[]; view: HandsView }) {
  const [at, setAt] = useState<PracticeKey | null>(null);
  const index = PRACTICE_PIECES.findIndex(({ key }) => key === at);
  const next = PRACTICE_PIECES[(index + 1) % PRACTICE_PIECES.length]!.key;
  return (
    <SidePage shelf={shelf} title="Practice">
      <h1>Practice</h1>
      <p className="soft sub">
        Invented pieces, packed from what is in the stockroom now. Say what you would do; then the nest says how that would turn out.
      </p>
      <ul className="practice-pieces" aria-label="Pieces to practise on">
        {PRACTICE_PIECES.map(({ key, line }) => (
          <li key={key}>
            <Button aria-pressed={key === at} onClick={() => setAt(key)}>
              {line.split(',')[0]}
            </Button>
          </li>
        ))}
      </ul>
      {at && <PracticePiece key={at} piece={at} onNext={() => setAt(next)} />}
      <HandsFoundTable view={view} />
    </SidePage>
  );
}
